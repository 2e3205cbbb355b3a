<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Makeup as Written;
use App\Models\Measurement;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Group\Makeup;
use Biomegas\Facility\Group\SizeClass;
use Biomegas\Measure\Length;
use Biomegas\Rulebook\Method;

/** Who makes up a shoal, as it is written down: with sizes goes the mean length that they tell. */
final readonly class Makeups
{
    public static function read(Written $written): Makeup
    {
        return Makeup::of(LocalDate::fromIso($written->date), $written->count, $written->males, $written->females, self::sizes($written->sizes));
    }

    /**
     * @param  array<mixed>  $stored
     * @return list<SizeClass>
     */
    public static function sizes(array $stored): array
    {
        return array_values(array_map(
            fn (array $size): SizeClass => new SizeClass($size['called'], $size['count'], Length::ofMillimetres((float) TenthMm::toMm($size['length_tenth_mm']))),
            $stored,
        ));
    }

    /** @param  Method|null  $method  how its sizes were measured; null: they were said before, and their mean is written down already */
    public function record(int $fishId, Makeup $makeup, ?Method $method, ?int $userId): Written
    {
        $mean = $makeup->hasSizes() && $method !== null
            ? Measurement::query()->create(['fish_id' => $fishId, 'date' => $makeup->date->toIso(), 'method' => $method->value, 'user_id' => $userId, 'version' => 1, ...self::meanColumns($makeup)])
            : null;

        return Written::query()->create([
            'fish_id' => $fishId, 'date' => $makeup->date->toIso(), 'count' => $makeup->count, 'males' => $makeup->males, 'females' => $makeup->females,
            'sizes' => array_map(fn (SizeClass $size): array => ['called' => $size->called, 'count' => $size->count, 'length_tenth_mm' => TenthMm::of($size->length->millimetres())], $makeup->sizes),
            'measurement_id' => $mean?->id, 'user_id' => $userId,
        ]);
    }

    /** @return array{length_tenth_mm: int|null, sample: int, spread_tenth_mm: int|null} of the length that stands for them */
    public static function meanColumns(Makeup $makeup): array
    {
        return ['length_tenth_mm' => TenthMm::of($makeup->meanMm()), 'sample' => $makeup->sized(), 'spread_tenth_mm' => $makeup->sized() > 1 ? TenthMm::of($makeup->spreadMm()) : null];
    }

    /** With the length that was written down with it. */
    public function undo(Written $written): void
    {
        Measurement::query()->find($written->measurement_id)?->delete();
        $written->delete();
    }
}
