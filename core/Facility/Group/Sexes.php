<?php

declare(strict_types=1);

namespace Biomegas\Facility\Group;

/** Males, females and those whose sex nobody knows; some of them may be missing without anybody knowing who. */
final readonly class Sexes
{
    public function __construct(
        public int $males = 0,
        public int $females = 0,
        public int $unknown = 0,
        /** So many of all of these are gone, and it was not seen who. */
        public int $missing = 0,
    ) {
    }

    public function plus(self $others): self
    {
        return new self($this->males + $others->males, $this->females + $others->females, $this->unknown + $others->unknown, $this->missing + $others->missing);
    }

    public function malesAtLeast(): int
    {
        return max(0, $this->males - $this->missing);
    }

    public function femalesAtLeast(): int
    {
        return max(0, $this->females - $this->missing);
    }

    /** Somebody has looked. */
    public function areKnown(): bool
    {
        return $this->males + $this->females > 0;
    }

    public function there(): int
    {
        return $this->males + $this->females + $this->unknown - $this->missing;
    }

    public function isPair(): bool
    {
        return $this->missing === 0 && $this->there() === 2 && $this->males === 1 && $this->females === 1;
    }

    /** All are known to be males, or all to be females, like all of the others. */
    public function cannotBreedWith(self $others): bool
    {
        return $this->unknown === 0 && $others->unknown === 0
            && (($this->females === 0 && $others->females === 0) || ($this->males === 0 && $others->males === 0));
    }

    /** Two males for certain, and nobody else: no pair, whatever they were bought as. */
    public function areTwoMales(): bool
    {
        return $this->there() === 2 && $this->malesAtLeast() === 2;
    }
}
