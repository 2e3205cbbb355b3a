<?php

declare(strict_types=1);

namespace Biomegas\Water\Test;

/** Something in the water that wants a hand, and the usual next step. */
final readonly class Alarm
{
    private function __construct(
        public Quantity $quantity,
        public bool $isUrgent,
        public string $sentence,
        public string $nextStep,
    ) {
    }

    public static function urgent(Quantity $quantity, string $sentence, string $nextStep): self
    {
        return new self($quantity, true, $sentence, $nextStep);
    }

    public static function watch(Quantity $quantity, string $sentence, string $nextStep): self
    {
        return new self($quantity, false, $sentence, $nextStep);
    }
}
