<?php

declare(strict_types=1);

namespace Biomegas\Water\Nitrification;

use Biomegas\Water\Nitrite;
use Biomegas\Water\Nitrogen;
use Biomegas\Water\UnionisedAmmonia;

/**
 * Ammonia and nitrite after the load of a system has changed: may I add these
 * fish, after this cleaning, at once?
 */
final readonly class LoadForecast
{
    private const DAYS = 60;

    /** The pH taken where none is known. */
    public const USUAL_PH = 7.5;

    private const HALVINGS = 12;

    private function __construct(
        private Conditions $in,
        private Bacteria $start,
        private float $ph,
        public float $load,
        public Course $course,
    ) {
    }

    /**
     * @param  float  $before  ammonia made until now, mg N/l/d
     * @param  float  $after  from now on
     * @param  float  $litres  of the system
     */
    public static function of(Conditions $in, FilterStart $filter, float $before, float $after, float $litres, ?float $ph = null): self
    {
        $start = $filter->bacteria($in, $before, $after, $litres);

        return new self($in, $start, $ph ?? self::USUAL_PH, $after, Course::of(new Water, $start, $in, $after, self::DAYS));
    }

    /** The same with a share of the water changed each day. */
    public function withDailyChange(float $share): self
    {
        $in = new Conditions($this->in->celsius, $this->in->capacity, $share, $this->in->tapNitrate);

        return new self($in, $this->start, $this->ph, $this->load, Course::of(new Water, $this->start, $in, $this->load, self::DAYS));
    }

    public function outcome(): Outcome
    {
        return match (true) {
            ! $this->in->carries($this->load) => Outcome::FilterTooSmall,
            $this->freeAmmonia() >= UnionisedAmmonia::HARM || $this->nitritePeak()->height >= Nitrite::HARM => Outcome::TooMuch,
            $this->freeAmmonia() >= UnionisedAmmonia::CAUTION || $this->nitritePeak()->height >= Nitrite::CAUTION => Outcome::TestDaily,
            default => Outcome::Safe,
        };
    }

    public function isBearable(): bool
    {
        return $this->outcome() === Outcome::Safe || $this->outcome() === Outcome::TestDaily;
    }

    /** The harmful part of ammonia at its peak, mg N/l. */
    public function freeAmmonia(): float
    {
        return self::measurable($this->course->ammonia->height, $this->settled()->ammonia) * $this->harmfulShare();
    }

    /** Ammonia as a kit shows it from which its harmful part is an alarm, mg/l of the ion. */
    public function ammoniaAlarm(): float
    {
        return Nitrogen::Ammonia->asIon(UnionisedAmmonia::HARM / $this->harmfulShare());
    }

    private function harmfulShare(): float
    {
        return UnionisedAmmonia::share($this->ph, $this->in->celsius);
    }

    /** The largest load up to this one that could be put in at once without harm, mg N/l/d. */
    public function mostAtOnce(): float
    {
        if ($this->isBearable()) {
            return $this->load;
        }
        [$low, $high] = [0.0, max($this->load, 1e-6)];
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = ($low + $high) / 2;
            $course = Course::of(new Water, $this->start, $this->in, $middle, self::DAYS);
            if ((new self($this->in, $this->start, $this->ph, $middle, $course))->isBearable()) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /** As a test kit shows it, mg/l of the ion. */
    public function ammoniaPeak(): Peak
    {
        return new Peak(Nitrogen::Ammonia->asIon(self::measurable($this->course->ammonia->height, $this->settled()->ammonia)), $this->course->ammonia->day);
    }

    public function nitritePeak(): Peak
    {
        return new Peak(Nitrogen::Nitrite->asIon(self::measurable($this->course->nitrite->height, $this->settled()->nitrite)), $this->course->nitrite->day);
    }

    /** @return list<float> at the end of each day, day 0 first: as a test kit shows it, mg/l of the ion */
    public function ammoniaDays(): array
    {
        return array_map(fn (Water $day): float => Nitrogen::Ammonia->asIon(self::measurable($day->ammonia, $this->settled()->ammonia)), $this->course->days);
    }

    /** @return list<float> as the days of ammonia */
    public function nitriteDays(): array
    {
        return array_map(fn (Water $day): float => Nitrogen::Nitrite->asIon(self::measurable($day->nitrite, $this->settled()->nitrite)), $this->course->days);
    }

    private function settled(): Water
    {
        return $this->course->days[count($this->course->days) - 1];
    }

    /**
     * A filter that carries its load shows nothing: the traces on which bacteria
     * live in the reckoning are not in the water of practice. Where nothing has
     * settled by the end, nothing is left out.
     */
    private static function measurable(float $height, float $settled): float
    {
        return $settled < Course::GONE ? max(0.0, $height - $settled) : $height;
    }
}
