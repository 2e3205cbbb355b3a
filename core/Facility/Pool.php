<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Facility\Shape\Shape;

/** One body of water of a system: the home that a fish lives in. */
final readonly class Pool
{
    private const CUBIC_MM_PER_LITRE = 1e6;

    public function __construct(
        public string $key,
        public Shape $shape,
    ) {
    }

    public function litres(): float
    {
        return $this->shape->floorArea() * $this->shape->depth() / self::CUBIC_MM_PER_LITRE;
    }
}
