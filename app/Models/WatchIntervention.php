<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $watch_id
 * @property string $intervention
 * @property string $at
 * @property string|null $stop_at
 * @property string|null $success
 */
final class WatchIntervention extends Model
{
}
