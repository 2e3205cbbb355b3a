<?php

declare(strict_types=1);

namespace Biomegas\Housing;

use Biomegas\Facility\LengthKind;
use Biomegas\Facility\Pool;
use Biomegas\Facility\Shape\Shape;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;

/**
 * A fish fits a home that is a number of its own lengths long, across and, for
 * tall bodies, deep. The numbers follow its swimming style. Common practice, no
 * published source.
 */
final readonly class FootprintRule
{
    /** A ray turns on its disc: twice its width, whatever its style. */
    private const RAY_TURNING_WIDTHS = 2.0;

    /** The limit in the roomiest pool of the system. */
    public function limitIn(System $system, Species $species): HomeLimit
    {
        $limits = array_map(fn (Pool $pool): HomeLimit => $this->limitInShape($pool->shape, $species), $system->pools);
        usort($limits, fn (HomeLimit $a, HomeLimit $b): int => $b->millimetres <=> $a->millimetres);

        return $limits[0];
    }

    public function limitInShape(Shape $shape, Species $species): HomeLimit
    {
        $limits = [
            new HomeLimit($shape->swimLength() / $species->swimming->swimLengths(), BindingDimension::SwimLength),
            new HomeLimit($shape->turningWidth() / $this->turningLengths($species), BindingDimension::TurningWidth),
        ];
        if ($species->tallRatio !== null) {
            $limits[] = new HomeLimit($shape->depth() / $species->tallRatio, BindingDimension::Depth);
        }
        usort($limits, fn (HomeLimit $a, HomeLimit $b): int => $a->millimetres <=> $b->millimetres);

        return $limits[0];
    }

    private function turningLengths(Species $species): float
    {
        return $species->lengthKind === LengthKind::Disc
            ? self::RAY_TURNING_WIDTHS
            : $species->swimming->turningLengths();
    }
}
