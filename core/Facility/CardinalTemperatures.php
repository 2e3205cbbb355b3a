<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Facility\Description\ImpossiblePicture;

/**
 * The temperatures that steer growth, in °C: none below minimum or above
 * maximum, fastest at best; growth coefficients are stated at the reference.
 */
final readonly class CardinalTemperatures
{
    /** Below this distance of best from the middle, the response formula divides by zero inside its range. */
    private const LEAST_SKEW_C = 0.5;

    private const LEAST_REFERENCE_RESPONSE = 0.2;

    private function __construct(
        public float $minimum,
        public float $best,
        public float $maximum,
        public float $reference,
    ) {
    }

    /** @throws ImpossiblePicture when the points are out of order or make the response singular */
    public static function of(string $species, float $minimum, float $best, float $maximum, float $reference): self
    {
        if (! ($minimum < $best && $best < $maximum && $minimum < $reference && $reference < $maximum)) {
            throw ImpossiblePicture::becauseCardinalTemperaturesAreOutOfOrder($species);
        }
        $leastBest = ($minimum + $maximum) / 2 + self::LEAST_SKEW_C;
        if ($best < $leastBest) {
            throw ImpossiblePicture::becauseCardinalTemperaturesAreSingular($species, $leastBest);
        }
        $points = new self($minimum, $best, $maximum, $reference);
        if ($points->responseAt($reference) < self::LEAST_REFERENCE_RESPONSE) {
            throw ImpossiblePicture::becauseTheReferenceIsTooCold($species);
        }

        return $points;
    }

    /**
     * Growth at this temperature as a share of that at the best: 0 to 1.
     *
     * Cardinal temperature model with inflection: Rosso, Lobry, Bajard and
     * Flandrois (1993), Journal of Theoretical Biology 162, 447-463.
     */
    public function responseAt(float $celsius): float
    {
        if ($celsius <= $this->minimum || $celsius >= $this->maximum) {
            return 0.0;
        }
        $rise = $this->best - $this->minimum;

        return ($celsius - $this->maximum) * ($celsius - $this->minimum) ** 2
            / ($rise * ($rise * ($celsius - $this->best)
                - ($this->best - $this->maximum) * ($this->best + $this->minimum - 2 * $celsius)));
    }
}
