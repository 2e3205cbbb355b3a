<?php

declare(strict_types=1);

namespace Biomegas\Water\Nitrification;

/** Ammonia, nitrite and nitrate as nitrogen, mg N/l. */
final readonly class Water
{
    public function __construct(
        public float $ammonia = 0.0,
        public float $nitrite = 0.0,
        public float $nitrate = 0.0,
    ) {
    }

    public function nitrogen(): float
    {
        return $this->ammonia + $this->nitrite + $this->nitrate;
    }

    /** After a share was replaced by water that holds nitrate alone. */
    public function changed(float $share, float $tapNitrate): self
    {
        $kept = 1 - $share;

        return new self($kept * $this->ammonia, $kept * $this->nitrite, $kept * $this->nitrate + $share * $tapNitrate);
    }

    public function with(float $ammonia): self
    {
        return new self($this->ammonia + $ammonia, $this->nitrite, $this->nitrate);
    }
}
