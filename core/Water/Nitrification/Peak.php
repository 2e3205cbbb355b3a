<?php

declare(strict_types=1);

namespace Biomegas\Water\Nitrification;

/** The highest value of a course and when it comes. */
final readonly class Peak
{
    public function __construct(
        /** mg N/l */
        public float $height,
        /** Days from the start. */
        public float $day,
    ) {
    }

    public function orAt(float $height, float $day): self
    {
        return $height > $this->height ? new self($height, $day) : $this;
    }
}
