<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Facility\Shape\Shape;

/** One body of water of a system: the home that a fish lives in. */
final readonly class Pool
{
    public function __construct(
        public string $key,
        public Shape $shape,
    ) {
    }
}
