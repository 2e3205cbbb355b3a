<?php

declare(strict_types=1);

namespace Biomegas\Culture;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;

/** What is bred to be fed. Figures from memory and practice, no published source; counts of the culture itself soon outweigh them. */
enum CultureKind: string
{
    case Snails = 'snails';
    case Worms = 'worms';
    case BrineShrimp = 'brine-shrimp';
    case Daphnia = 'daphnia';
    case Livebearers = 'livebearers';
    case Minnows = 'minnows';

    /** By what part a small stock in plenty grows in a week. */
    public function usualGrowth(): float
    {
        return match ($this) {
            self::Snails => 0.25,
            self::Worms => 0.12,
            self::BrineShrimp => 0.9,
            self::Daphnia => 1.2,
            self::Livebearers => 0.14,
            self::Minnows => 0.08,
        };
    }

    /**
     * What to mind with it.
     *
     * @param  LocalDate|null  $quarantine  until when bought animals wait; null: none were bought
     * @return list<Finding>
     */
    public function cautions(?LocalDate $quarantine, LocalDate $today): array
    {
        return [
            ...($quarantine !== null && $today->isBefore($quarantine) ? [Finding::of('culture.in_quarantine', until: $quarantine)] : []),
            ...($this->isFish() ? [Finding::of('culture.feeder_fish')] : []),
            Finding::of('culture.never_wild'),
        ];
    }

    /** Whole fish: they bring disease, and many are forbidden. */
    private function isFish(): bool
    {
        return $this === self::Livebearers || $this === self::Minnows;
    }
}
