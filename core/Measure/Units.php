<?php

declare(strict_types=1);

namespace Biomegas\Measure;

/** How a facility likes each quantity shown, and what bare numbers of it mean: one system for all, but for those that it sets apart. */
final readonly class Units
{
    public function __construct(
        /** What holds where nothing is set apart, and how dates are likely written. */
        public UnitSystem $main,
        public UnitSystem $length,
        public UnitSystem $volume,
        public UnitSystem $temperature,
        public UnitSystem $mass,
    ) {
    }

    public static function of(UnitSystem $all): self
    {
        return new self($all, $all, $all, $all, $all);
    }

    /** @param  array<string, string>  $apart  systems by quantity: length, volume, temperature, mass */
    public static function apart(UnitSystem $main, array $apart): self
    {
        $of = fn (string $quantity): UnitSystem => UnitSystem::tryFrom($apart[$quantity] ?? '') ?? $main;

        return new self($main, $of('length'), $of('volume'), $of('temperature'), $of('mass'));
    }

    /** Whose lengths are shown on hover beside the facility's own. */
    public function otherLengths(): self
    {
        return self::of($this->length->other());
    }
}
