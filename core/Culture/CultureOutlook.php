<?php

declare(strict_types=1);

namespace Biomegas\Culture;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Number;

/** What a culture can give, what is asked of it as the fish grow, and what follows. */
final readonly class CultureOutlook
{
    /** Of a normal distribution: nine in ten lie below. */
    private const NINE_IN_TEN = 1.2816;

    /** A new tank is begun with so much of what it will hold. Judgement. */
    private const STARTED_WITH = 0.05;

    /** What takes longer to run out lasts. */
    private const LONGEST_WEEKS = 104.0;

    private function __construct(
        public CultureFit $fit,
        /** @var array{float, float, float} low, likely and high: the largest harvest a week that can go on for ever */
        public array $steady,
        /** What the fish take of it in a week, now. */
        public float $taken,
        /** In a year. */
        public float $takenInAYear,
        /** When they take more than it can give; null: not within the year. */
        public ?LocalDate $shortFrom,
        /** Tanks that are wanted then, of its kind. */
        public int $tanks,
        /** When the next tank must be begun; null: none must. */
        public ?LocalDate $begin,
        /** When it is used up if the fish take what they take now; null: it lasts. */
        public ?LocalDate $gone,
    ) {
    }

    /**
     * @param  list<CultureEvent>  $events  by date
     * @param  non-empty-list<array{LocalDate, float}>  $taken  what the fish take a week, today first, over a year
     */
    public static function of(Culture $culture, array $events, array $taken, LocalDate $today): self
    {
        $fit = CultureFit::of($culture, $events, $today);
        $steady = $fit->growth->largestSteadyHarvest();
        $now = $taken[0][1];
        [$shortFrom, $most] = [null, 0.0];
        foreach ($taken as [$day, $perWeek]) {
            $most = max($most, $perWeek);
            $shortFrom ??= $perWeek > $steady ? $day : null;
        }
        $each = $steady / $culture->tanks;
        $gone = $now <= 0.0 ? null : $fit->growth->weeksUntilGone($fit->now, $now);

        return new self(
            $fit,
            [$steady * exp(-self::NINE_IN_TEN * $fit->spread), $steady, $steady * exp(self::NINE_IN_TEN * $fit->spread)],
            $now, $taken[count($taken) - 1][1], $shortFrom,
            max($culture->tanks, (int) ceil($most / $each - 1e-9)),
            $shortFrom === null ? null : LocalDate::later($today, $shortFrom->plusDays(-(int) ceil(LocalDate::DAYS_PER_WEEK * self::weeksFromStart($fit->growth)))),
            $gone === null || $gone > self::LONGEST_WEEKS ? null : $today->plusDays((int) floor(LocalDate::DAYS_PER_WEEK * $gone)),
        );
    }

    /** Whole weeks from a new tank to the harvest. */
    public function weeksToStart(): int
    {
        return (int) ceil(self::weeksFromStart($this->fit->growth));
    }

    /** It gives too little, or soon will unless something is begun. */
    public function isDueOn(LocalDate $today): bool
    {
        return $this->fit->isGone || ($this->taken > 0.0 && $this->gone !== null) || ($this->begin !== null && $today->daysUntil($this->begin) <= LocalDate::DAYS_PER_WEEK);
    }

    /** How it stands, in one sentence. */
    public function finding(LocalDate $today): Finding
    {
        $steady = Number::of(round($this->steady[1]));
        $taken = Number::of(round($this->taken));

        return match (true) {
            $this->fit->isGone => Finding::of('culture.gone', weeks: $this->weeksToStart()),
            $this->taken <= 0.0 => Finding::of('culture.not_taken', steady: $steady),
            $this->shortFrom?->isAfter($today) === false => Finding::of('culture.short_now', steady: $steady, taken: $taken, tanks: $this->tanks),
            $this->gone !== null => Finding::of('culture.too_few', taken: $taken, gone: $this->gone),
            $this->shortFrom !== null && $this->begin !== null => Finding::of('culture.short_later', steady: $steady, taken: $taken, from: $this->shortFrom, tanks: $this->tanks, begin: $this->begin),
            default => Finding::of('culture.carries', steady: $steady, taken: $taken),
        };
    }

    /** Until a new tank is half full, where its yield is largest. */
    private static function weeksFromStart(Logistic $growth): float
    {
        return (float) $growth->weeksUntil(self::STARTED_WITH * $growth->room, $growth->room / 2);
    }
}
