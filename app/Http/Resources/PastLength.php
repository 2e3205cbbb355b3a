<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Growth\Projection\GrowthProjection;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The length on a day behind, as the fitted growth has it.')]
final readonly class PastLength
{
    private const POINTS = 40;

    public function __construct(
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(ref: '#/components/schemas/Band')] public Band $length_mm,
    ) {
    }

    /** @return list<self> from the first length until today */
    public static function series(Facility $facility, Fish $fish, GrowthProjection $growth): array
    {
        $first = $fish->lengths->first()->date ?? $facility->date;
        $days = $first->daysUntil($facility->date);
        $series = [];
        for ($i = 0; $days > 0 && $i <= self::POINTS; $i++) {
            $date = $first->plusDays((int) round($days * $i / self::POINTS));
            $series[] = new self($date->toIso(), Band::from($growth->lengthOn($date)));
        }

        return $series;
    }
}
