<?php

declare(strict_types=1);

namespace Biomegas\Facility\Group;

use Biomegas\Measure\Length;

/** Those of a group who are of like size, as its keeper tells them apart: "the small ones". */
final readonly class SizeClass
{
    public function __construct(
        /** What its keeper calls them; '' when they have no name. */
        public string $called,
        public int $count,
        /** About how long each is. */
        public Length $length,
    ) {
    }
}
