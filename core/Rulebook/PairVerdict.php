<?php

declare(strict_types=1);

namespace Biomegas\Rulebook;

/** Whether two may share a home. */
enum PairVerdict: string
{
    case Good = 'good';
    case Watch = 'watch';
    case Avoid = 'avoid';

    /** The graver of both. */
    public function orWorse(self $other): self
    {
        return array_search($other, self::cases(), true) > array_search($this, self::cases(), true) ? $other : $this;
    }
}
