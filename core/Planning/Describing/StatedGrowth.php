<?php

declare(strict_types=1);

namespace Biomegas\Planning\Describing;

use Biomegas\Facility\CurveName;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Growth\Curve\GrowthCurves;
use Biomegas\Measure\Length;

/** How fast one was seen to grow: from a length to another in so many months. */
final readonly class StatedGrowth
{
    private const MONTHS_PER_YEAR = 12;

    private const SLOWEST = 0.001;

    private const FASTEST = 50.0;

    private const HALVINGS = 60;

    /** @throws InvalidEntry when it does not grow, or in no time */
    public function __construct(public float $fromMm, public float $toMm, public float $months)
    {
        if ($toMm <= $fromMm) {
            throw InvalidEntry::because('grown_to', Finding::of('describing.must_grow', from: Length::ofMillimetres($fromMm)));
        }
    }

    /**
     * @return float per year
     *
     * @throws InvalidEntry when it reaches more than it ever becomes, or faster than anything grows
     */
    public function coefficient(CurveName $name, float $adultMm): float
    {
        $curve = GrowthCurves::named($name);
        if ($this->toMm >= $adultMm || $curve->lengthAt($this->fromMm, $adultMm, self::FASTEST, $this->months / self::MONTHS_PER_YEAR) < $this->toMm) {
            throw InvalidEntry::because('grown_to', Finding::of('describing.longer_than_adult', adult: Length::ofMillimetres($adultMm)));
        }
        [$low, $high] = [self::SLOWEST, self::FASTEST];
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = sqrt($low * $high);
            if ($curve->lengthAt($this->fromMm, $adultMm, $middle, $this->months / self::MONTHS_PER_YEAR) < $this->toMm) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $high;
    }
}
