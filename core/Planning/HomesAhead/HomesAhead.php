<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Housing\Verdict\Verdict;

/** The chain of homes that a fish needs from today until it is grown. */
final readonly class HomesAhead
{
    /** @param  list<StayAhead>  $stays  by date; none when no home here takes it now */
    public function __construct(
        public array $stays,
        /** Null: the last home holds it for life, or as far as can be seen. */
        public ?HomeToBuild $toBuild,
        /** Why no home takes it now; null when one does. */
        public ?Verdict $nowhere,
    ) {
    }

    public function isForLife(): bool
    {
        return $this->stays !== [] && $this->stays[count($this->stays) - 1]->isForLife;
    }
}
