<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** Which system is meant: all that an answer needs to hold of it, where the system itself can be looked up. */
final readonly class SystemName
{
    public function __construct(
        public string $key,
        public string $name,
    ) {
    }
}
