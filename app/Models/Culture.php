<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Culture\CultureKind;
use Illuminate\Database\Eloquent\Model;

/**
 * Animals that are bred to be fed.
 *
 * @property int $id
 * @property string $name
 * @property CultureKind $kind
 * @property int $food_id
 * @property string $started_on
 * @property float $seed
 * @property float $room
 * @property int $tanks
 * @property string|null $quarantine_until
 * @property string|null $ended_on
 */
final class Culture extends Model
{
    use KeepsHistory;

    protected $casts = ['kind' => CultureKind::class, 'seed' => 'float', 'room' => 'float', 'tanks' => 'integer'];
}
