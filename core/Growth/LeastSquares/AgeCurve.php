<?php

declare(strict_types=1);

namespace Biomegas\Growth\LeastSquares;

/**
 * A growth curve by age: asymptote times a shape of coefficient times (age
 * minus location). The location of von Bertalanffy's curve is the age at zero
 * length, that of the others the age at the inflection.
 */
enum AgeCurve: string
{
    case VonBertalanffy = 'von-bertalanffy';
    case Gompertz = 'gompertz';
    case Logistic = 'logistic';

    /** Share of the asymptote. */
    public function shape(float $x): float
    {
        return match ($this) {
            self::VonBertalanffy => 1 - exp(-$x),
            self::Gompertz => exp(-exp(-$x)),
            self::Logistic => 1 / (1 + exp(-$x)),
        };
    }

    /**
     * The shape and its derivative, with each exponential taken once.
     *
     * @return array{float, float}
     */
    public function shapeAndSlope(float $x): array
    {
        $e = exp(-$x);

        return match ($this) {
            self::VonBertalanffy => [1 - $e, $e],
            self::Gompertz => [exp(-$e), exp(-$x - $e)],
            self::Logistic => [1 / (1 + $e), 1 / (2 + exp($x) + $e)],
        };
    }

    /** The name of the third parameter in files. */
    public function locationName(): string
    {
        return $this === self::VonBertalanffy ? 'age_at_zero_length' : 'age_at_inflection';
    }
}
