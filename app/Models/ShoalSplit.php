<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Facility\Sex;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $from_fish_id
 * @property int $to_fish_id
 * @property int $count
 * @property string $date
 * @property array<string, array<int, string>>|null $copied rows that the part got from the shoal: by table, the state of each by its number
 * @property Sex|null $sex of all that left; null: not known
 * @property array{makeup: int, measurement: int|null, length_tenth_mm: int, sample: int, spread_tenth_mm: int|null}|null $replaced what was changed of the shoal
 */
final class ShoalSplit extends Model
{
    use KeepsHistory;

    protected $casts = ['copied' => 'array', 'replaced' => 'array', 'sex' => Sex::class];
}
