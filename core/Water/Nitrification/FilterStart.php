<?php

declare(strict_types=1);

namespace Biomegas\Water\Nitrification;

/** What lives in a filter when a change begins. */
final readonly class FilterStart
{
    private function __construct(
        private FilterCare $care,
        private int $unfedDays,
        /** Nothing has run here before. */
        private bool $isNew,
        /** Ammonia that the seeding bacteria turned over where they come from, mg N/d. */
        private float $seed,
        /** Null: it has long carried the present stock. */
        private ?FilterPast $past = null,
    ) {
    }

    /** A filter that has long carried the present stock. */
    public static function running(FilterCare $care = FilterCare::Untouched, int $unfedDays = 0): self
    {
        return new self($care, $unfedDays, false, 0.0);
    }

    /** The same where it is known what it has carried. */
    public function after(FilterPast $past): self
    {
        return new self($this->care, $this->unfedDays, $this->isNew, $this->seed, $past);
    }

    /**
     * A new one, with media from a running filter if there are any.
     *
     * @param  float  $share  of the donor's media, 0 to 1
     * @param  float  $donorAmmonia  what the donor's fish make, g N/d
     */
    public static function fresh(float $share = 0.0, float $donorAmmonia = 0.0): self
    {
        return new self(FilterCare::Untouched, 0, true, 1000 * $share * $donorAmmonia);
    }

    /**
     * @param  float  $presentLoad  mg N/l/d
     * @param  float  $litres  of the system
     */
    public function bacteria(Conditions $in, float $presentLoad, float $litres): Bacteria
    {
        if ($this->isNew) {
            $seeded = $this->seed <= 0.0
                ? Bacteria::ofNewFilter()
                : Course::mature(new Conditions($in->celsius), $this->seed / $litres)->and(Bacteria::ofNewFilter());

            return $this->past === null ? $seeded : $seeded->orAtLeast($this->past->bacteria($in, $presentLoad));
        }

        $grown = $this->past?->bacteria($in, $presentLoad) ?? Course::mature($in, $presentLoad);

        return $grown->times($this->care->left() * exp(-Step::DECAY * $this->unfedDays));
    }
}
