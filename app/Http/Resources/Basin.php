<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Equipment\Divider;
use Biomegas\Facility\Pool;
use Biomegas\Facility\System;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One pool seen from above: its inside edge and depth, millimetres.')]
final readonly class Basin
{
    /**
     * @param  list<array{float, float}>  $outline_mm
     * @param  list<float>  $dividers_mm
     */
    public function __construct(
        #[OA\Property(description: 'Corners in order, x to the right and y toward the viewer.', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'), minItems: 2, maxItems: 2))] public array $outline_mm,
        #[OA\Property] public float $depth_mm,
        #[OA\Property(description: 'The straight run of a swimmer.')] public float $swim_length_mm,
        #[OA\Property(description: 'The room to turn in.')] public float $turning_width_mm,
        #[OA\Property] public float $volume_litres,
        #[OA\Property(description: 'Dividers that stand in it today, from its left end.', type: 'array', items: new OA\Items(type: 'number'))] public array $dividers_mm,
    ) {
    }

    public static function from(Pool $pool, ?System $system = null, ?LocalDate $today = null): self
    {
        $shape = $pool->shape;

        return new self(
            array_map(fn (array $p): array => [round($p[0], 1), round($p[1], 1)], $shape->outline()),
            round($shape->depth(), 1),
            round($shape->swimLength(), 1),
            round($shape->turningWidth(), 1),
            round($pool->litres(), 1),
            $system === null || $today === null ? [] : self::dividers($pool, $system, $today),
        );
    }

    /** @return list<float> */
    private static function dividers(Pool $pool, System $system, LocalDate $today): array
    {
        $standing = array_filter($system->equipment->dividers, fn (Divider $divider): bool => $divider->pool === $pool->key && $divider->standsOn($today));

        return array_map(fn (Divider $divider): float => round($divider->at, 1), array_values($standing));
    }
}
