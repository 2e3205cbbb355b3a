<?php

declare(strict_types=1);

namespace Biomegas\Planning\Company;

use Biomegas\Finding\Finding;

/** One that may have eaten those that are missing. */
final readonly class Suspect
{
    /** @param  non-empty-list<Finding>  $reasons */
    public function __construct(
        /** Key of the fish. */
        public string $fish,
        public string $name,
        /** The higher the likelier; of no use but to compare. */
        public float $score,
        public array $reasons,
    ) {
    }
}
