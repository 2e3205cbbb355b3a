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
        /** Null: it has long carried the present stock, or nothing if it is new. */
        private ?FilterPast $past = null,
        private bool $isDosed = false,
    ) {
    }

    /** A filter that has long carried the present stock. */
    public static function running(FilterCare $care = FilterCare::Untouched, int $unfedDays = 0): self
    {
        return new self($care, $unfedDays, false, 0.0);
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

    /** The same where it is known what it has carried. */
    public function after(FilterPast $past): self
    {
        return new self($this->care, $this->unfedDays, $this->isNew, $this->seed, $past, $this->isDosed);
    }

    /**
     * With live starting bacteria as their label doses them: they take over half
     * of the waiting. What is in a bottle differs. Common practice, no published
     * source.
     */
    public function dosed(): self
    {
        return new self($this->care, $this->unfedDays, $this->isNew, $this->seed, $this->past, true);
    }

    /**
     * @param  float  $present  load until now, mg N/l/d
     * @param  float  $coming  load from now on, mg N/l/d
     * @param  float  $litres  of the system
     */
    public function bacteria(Conditions $in, float $present, float $coming, float $litres): Bacteria
    {
        $there = $this->isNew ? $this->seeded($in, $present, $litres) : $this->grown($in, $present);

        return $this->isDosed ? $there->orAtLeast($there->halfwayTo(Course::mature($in, $coming))) : $there;
    }

    private function seeded(Conditions $in, float $present, float $litres): Bacteria
    {
        $seeded = $this->seed <= 0.0
            ? Bacteria::ofNewFilter()
            : Course::mature(new Conditions($in->celsius), $this->seed / $litres)->and(Bacteria::ofNewFilter());

        return $this->past === null ? $seeded : $seeded->orAtLeast($this->past->bacteria($in, $present));
    }

    private function grown(Conditions $in, float $present): Bacteria
    {
        $grown = $this->past?->bacteria($in, $present) ?? Course::mature($in, $present);

        return $grown->times($this->care->left() * exp(-Step::DECAY * $this->unfedDays));
    }
}
