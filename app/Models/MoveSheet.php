<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Moving\Mixing\MixingWay;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A prepared run: who goes where on which day.
 *
 * @property int $id
 * @property int $from_system_id
 * @property int $to_system_id
 * @property string $planned_on
 * @property string|null $until
 * @property MixingWay $mixing
 * @property int $container_tenth_litres
 * @property string|null $override_reason
 * @property bool $is_time_out
 * @property array<string, string> $done
 * @property array{steps: list<array{key: string, length: float|int|null, words: string|null, part: string|null}>, left_out: list<string>}|null $arrangement of its steps; null: as usual
 * @property string|null $test_until
 * @property string|null $note
 * @property Carbon|null $finished_at
 * @property Carbon|null $cancelled_at
 * @property Collection<int, MoveSheetFish> $fish
 */
final class MoveSheet extends Model
{
    protected $casts = ['mixing' => MixingWay::class, 'done' => 'array', 'arrangement' => 'array', 'is_time_out' => 'boolean', 'finished_at' => 'datetime', 'cancelled_at' => 'datetime'];

    /** @return HasMany<MoveSheetFish, $this> */
    public function fish(): HasMany
    {
        return $this->hasMany(MoveSheetFish::class)->orderBy('id');
    }
}
