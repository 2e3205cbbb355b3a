<?php

declare(strict_types=1);

namespace Biomegas\Planning\Search;

use Biomegas\Facility\Species;
use Biomegas\Facility\WaterLayer;

/** What a species is to a home that somebody furnishes. Common practice, no published source. */
enum Role: string
{
    case Centrepiece = 'centrepiece';
    case Shoal = 'shoal';
    case Bottom = 'bottom';
    case Dither = 'dither';

    private const CENTREPIECE_FROM_MM = 120.0;

    private const SHOAL_FROM = 5;

    private const DITHER_UP_TO_MM = 150.0;

    /** @return list<self> a species may be several or none */
    public static function of(Species $species): array
    {
        return array_values(array_filter(self::cases(), fn (self $role): bool => $role->suits($species)));
    }

    private function suits(Species $species): bool
    {
        $isShoal = $species->needs->minimumGroup >= self::SHOAL_FROM;

        return match ($this) {
            self::Centrepiece => $species->needs->minimumGroup < self::SHOAL_FROM && $species->adultLength->typical >= self::CENTREPIECE_FROM_MM,
            self::Shoal => $isShoal,
            self::Bottom => $species->layer === WaterLayer::Bottom,
            self::Dither => $isShoal && $species->layer !== WaterLayer::Bottom
                && $species->adultLength->typical <= self::DITHER_UP_TO_MM && $species->habits->isPeaceful(),
        };
    }
}
