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
 */
final class Quarantine extends Model
{
}
