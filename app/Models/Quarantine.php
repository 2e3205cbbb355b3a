<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $fish_id
 * @property string $from
 * @property int $days
 * @property int $credit
 * @property string|null $released_on
 * @property int|null $ended_by_sheet_id the run that ended it
 */
final class Quarantine extends Model
{
}
