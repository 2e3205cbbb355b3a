<?php

declare(strict_types=1);

namespace Biomegas\Growth\Projection;

use Biomegas\Calendar\LocalDate;

/** When a fish reaches a limit: one in ten before early, half before likely, nine in ten before late. */
final readonly class OutgrowWindow
{
    public function __construct(
        /** That it gets there within the horizon: 0 to 1. */
        public float $probability,
        public ?LocalDate $early,
        public ?LocalDate $likely,
        public ?LocalDate $late,
        /** Null when there is a latest date. */
        public ?LateMeans $lateMeans,
    ) {
    }
}
