<?php

declare(strict_types=1);

namespace Biomegas\Growth;

use Biomegas\Finding\Finding;
use Biomegas\Measure\Length;
use Biomegas\Measure\MeasuredFigure;

/** A first length that is longer than its kind becomes: of one that is not here yet nothing else is known to hold it against. */
final readonly class LongerThanKnown
{
    /** Longer than the longest that is claimed of its kind, by this: it is asked about. Our judgement, no published source. */
    private const UNLIKELY = 1.25;

    /** @param  float  $adult  longest adult length that is known of the species, millimetres */
    public static function doubt(string $species, float $adult, Length $length): ?Finding
    {
        return $length->millimetres() <= self::UNLIKELY * $adult
            ? null
            : Finding::of('import.longer_than_known', species: $species, length: MeasuredFigure::of($length), adult: MeasuredFigure::of(Length::ofMillimetres($adult)));
    }
}
