<?php

declare(strict_types=1);

namespace Biomegas\Water\Test;

use Biomegas\Finding\Finding;

/** Something in the water that wants a hand, and the usual next step. */
final readonly class Alarm
{
    private function __construct(
        public Quantity $quantity,
        public bool $isUrgent,
        public Finding $finding,
        public Finding $nextStep,
    ) {
    }

    public static function urgent(Quantity $quantity, Finding $finding, Finding $nextStep): self
    {
        return new self($quantity, true, $finding, $nextStep);
    }

    public static function watch(Quantity $quantity, Finding $finding, Finding $nextStep): self
    {
        return new self($quantity, false, $finding, $nextStep);
    }
}
