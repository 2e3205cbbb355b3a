<?php

declare(strict_types=1);

namespace Biomegas\Growth\Curve;

use Biomegas\Facility\CurveName;

/** The growth curve that goes by a name. */
final readonly class GrowthCurves
{
    public static function named(CurveName $name): GrowthCurve
    {
        return match ($name) {
            CurveName::VonBertalanffy => new VonBertalanffy,
            CurveName::Gompertz => new Gompertz,
            CurveName::Logistic => new Logistic,
            CurveName::Average => new AverageCurve(new VonBertalanffy, new Gompertz),
        };
    }
}
