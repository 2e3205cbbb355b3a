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

    /** The home to go to after the present one; null when it need not leave, or none takes it. */
    public function next(): ?StayAhead
    {
        return $this->stays[1] ?? null;
    }

    /** Its home will not do, and no other does. */
    public function isStuck(): bool
    {
        return $this->next() === null && ($this->stays[0]->leave ?? null) !== null;
    }

    public function isForLife(): bool
    {
        return $this->stays !== [] && $this->stays[count($this->stays) - 1]->isForLife;
    }
}
