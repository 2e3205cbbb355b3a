<?php

declare(strict_types=1);

namespace Biomegas\Planning\Mix;

use Biomegas\Calendar\LocalDate;
use Biomegas\Company\Mouthful;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Measure\Length;
use Biomegas\Planning\Change\Standing;
use Biomegas\Planning\Company\CompanyGrid;
use Biomegas\Planning\Company\LengthTable;
use Biomegas\Planning\Company\Pair;
use Biomegas\Planning\Company\Swallowing;
use Biomegas\Planning\Floor\ProjectedOccupant;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Rulebook\PairVerdict;
use Biomegas\Water\Load\FedOccupant;

/** Some fish that are to live together, own ones or such as are only thought of: until when it works, who comes in when, and whether a home holds them. */
final readonly class Mix
{
    /** More nobody looks through. */
    public const MOST = 8;

    /** Between two additions, so that the filter and the company catch up: common practice, no published source. */
    private const APART_DAYS = 14;

    /** Two that are this ill-tempered need a way out. */
    private const NEEDS_FALLBACK = 4;

    /**
     * @param  list<Introduction>  $steps  the first first; those that never come last
     * @param  list<Finding>  $advice
     */
    private function __construct(
        public CompanyGrid $grid,
        /** The first day on which two of them should be apart; null: not within what is looked at. */
        public ?LocalDate $until,
        public Finding $finding,
        public array $steps,
        public array $advice,
        /** Of the home with all of them in it today; null: no home is asked about. */
        public ?Standing $now,
        /** At the end of what is looked at. */
        public ?Standing $later,
    ) {
    }

    /**
     * @param  list<ProjectedOccupant>  $members
     * @param  System|null  $home  where they are to live
     */
    public static function of(Facility $facility, array $members, ?System $home): self
    {
        $ahead = array_column(array_map(fn (ProjectedOccupant $member): array => [$member->fish->key, $member], $members), 1, 0);
        $grid = CompanyGrid::of($facility, array_map(fn (ProjectedOccupant $member): Fish => $member->fish, $members), fn (Fish $fish): LengthsAhead => $ahead[$fish->key]->ahead);
        $end = $facility->date->plusDays(CompanyGrid::MONTHS * LengthTable::STEP_DAYS);
        $first = self::firstApart($grid, $facility->date);
        $steps = self::steps($facility, $grid, $ahead, $home);
        [$now, $later] = self::standings($facility, $members, $home, $end);

        return new self(
            $grid, $first[1] ?? null, self::verdict($first, $facility->date, $end), $steps,
            array_values(array_filter([...self::advice($first, $ahead, $end), self::room($home, $now, $later), ...self::fallbacks($members, $facility->date)])),
            $now, $later,
        );
    }

    /** @return array{Pair, LocalDate}|null the two that are to be parted first, and when */
    private static function firstApart(CompanyGrid $grid, LocalDate $today): ?array
    {
        $first = null;
        foreach ($grid->pairs as $pair) {
            $month = array_search(PairVerdict::Avoid, $pair->months, true);
            if ($month !== false && ($first === null || $month < $first[2])) {
                $first = [$pair, $today->plusDays((int) $month * LengthTable::STEP_DAYS), (int) $month];
            }
        }

        return $first === null ? null : [$first[0], $first[1]];
    }

    /** @param  array{Pair, LocalDate}|null  $first */
    private static function verdict(?array $first, LocalDate $today, LocalDate $end): Finding
    {
        if ($first === null) {
            return Finding::of('company.mix.works', until: $end);
        }
        [$pair, $day] = $first;
        $danger = self::dangerOn($pair, $day, $today);
        $isNow = $day->equals($today);

        return match (true) {
            $danger === null && $isNow => Finding::of('company.mix.not_now', one: $pair->one->name, other: $pair->other->name, because: array_map(fn ($reason): Finding => $reason->finding, array_slice($pair->reasons, 0, 1))),
            $danger === null => Finding::of('company.mix.until_parted', until: $day, one: $pair->one->name, other: $pair->other->name),
            $isNow => Finding::of('company.mix.swallows_now', predator: $danger[0]->name, prey: $danger[1]->name),
            default => Finding::of('company.mix.until', until: $day, predator: $danger[0]->name, prey: $danger[1]->name),
        };
    }

    /** @return array{Fish, Fish}|null predator and prey, where mouths are what parts the two by then */
    private static function dangerOn(Pair $pair, LocalDate $day, LocalDate $today): ?array
    {
        $month = intdiv($today->daysUntil($day), LengthTable::STEP_DAYS);
        $risk = fn (?Swallowing $swallowing): float => $swallowing->monthly[$month] ?? 0.0;
        [$one, $other] = [$risk($pair->oneSwallowed), $risk($pair->otherSwallowed)];

        return match (true) {
            $pair->ownReason !== null || max($one, $other) < CompanyGrid::LIKELY => null,
            $one >= $other => [$pair->other, $pair->one],
            default => [$pair->one, $pair->other],
        };
    }

    /**
     * How long the prey must be to be safe, if it can grow so long.
     *
     * @param  array{Pair, LocalDate}|null  $first
     * @param  array<string, ProjectedOccupant>  $ahead
     * @return list<Finding>
     */
    private static function advice(?array $first, array $ahead, LocalDate $end): array
    {
        $danger = $first === null || $first[0]->danger() === null ? null : ($first[0]->danger() === $first[0]->oneSwallowed ? [$first[0]->other, $first[0]->one] : [$first[0]->one, $first[0]->other]);
        if ($danger === null) {
            return [];
        }
        // One that outgrows the mouth is safe from the length that it then has; one that never does must be so for the predator that is to come.
        $day = $first[0]->danger()->until ?? $end;
        [$predator, $prey] = [$ahead[$danger[0]->key]->occupantOn($day), $ahead[$danger[1]->key]->occupantOn($day)];
        $safe = Mouthful::safeFrom($predator, $prey);

        return [$safe <= $prey->species->adultLength->typical
            ? Finding::of('company.mix.longer_or_none', prey: $prey->name, length: Length::ofMillimetres($safe))
            : Finding::of('company.mix.none', prey: $prey->name, predator: $predator->name)];
    }

    private static function room(?System $home, ?Standing $now, ?Standing $later): ?Finding
    {
        return match (true) {
            $home === null || $now === null || $later === null || $later->objections === [] => null,
            $now->objections === [] => Finding::of('company.mix.home_later', home: $home->name),
            default => Finding::of('company.mix.home_not', home: $home->name),
        };
    }

    /**
     * @param  list<ProjectedOccupant>  $members
     * @return list<Finding>
     */
    private static function fallbacks(array $members, LocalDate $today): array
    {
        $hard = array_filter($members, fn (ProjectedOccupant $member): bool => $member->occupantOn($today)->temperament() >= self::NEEDS_FALLBACK && $member->fish->fallback === null);

        return $hard === [] ? [] : [Finding::of('company.mix.fallback', fish: array_values(array_map(fn (ProjectedOccupant $member): string => $member->fish->name, $hard)))];
    }

    /**
     * The peaceful first, one after the other; one that would be swallowed waits until it no longer fits.
     *
     * @param  array<string, ProjectedOccupant>  $ahead
     * @return list<Introduction>
     */
    private static function steps(Facility $facility, CompanyGrid $grid, array $ahead, ?System $home): array
    {
        $today = $facility->date;
        [$steps, $never, $slot] = [[], [], $today];
        foreach ($grid->order() as $key) {
            $fish = $ahead[$key]->fish;
            $isThere = isset($facility->fish[$key]) && $fish->currentSystem() === $home?->key;
            [$safe, $threat] = self::safeFrom($grid, $fish, $ahead, $today);
            if ($isThere) {
                $steps[] = new Introduction($fish, $today, $ahead[$key]->ahead->on($today), Finding::of('company.mix.step.there'));
            } elseif ($safe === null) {
                $never[] = new Introduction($fish, null, $ahead[$key]->ahead->on($today), Finding::of('company.mix.step.never', other: (string) $threat));
            } else {
                $from = LocalDate::later($slot, $safe);
                $steps[] = new Introduction($fish, $from, $ahead[$key]->ahead->on($from), self::why($from, $safe, $today, $threat));
                $slot = $safe->isAfter($slot) ? $slot : $from->plusDays(self::APART_DAYS);
            }
        }
        usort($steps, fn (Introduction $a, Introduction $b): int => ($b->from ?? $today)->daysUntil($a->from ?? $today));

        return [...$steps, ...$never];
    }

    private static function why(LocalDate $from, LocalDate $safe, LocalDate $today, ?string $threat): Finding
    {
        return match (true) {
            $safe->isAfter($today) && ! $safe->isBefore($from) => Finding::of('company.mix.step.grown', other: (string) $threat),
            $from->equals($today) => Finding::of('company.mix.step.first'),
            default => Finding::of('company.mix.step.then'),
        };
    }

    /**
     * From when on none of the others can swallow it, and who can longest.
     *
     * @param  array<string, ProjectedOccupant>  $ahead
     * @return array{LocalDate|null, string|null} null: to the end somebody can
     */
    private static function safeFrom(CompanyGrid $grid, Fish $fish, array $ahead, LocalDate $today): array
    {
        [$safe, $threat] = [$today, null];
        foreach ($ahead as $other) {
            $swallowing = $other->fish->key === $fish->key ? null : $grid->swallowing($fish, $other->fish);
            if ($swallowing === null || $swallowing->probability < CompanyGrid::LIKELY) {
                continue;
            }
            if ($swallowing->until === null) {
                return [null, $other->fish->name];
            }
            [$safe, $threat] = $swallowing->until->isAfter($safe) ? [$swallowing->until, $other->fish->name] : [$safe, $threat];
        }

        return [$safe, $threat];
    }

    /**
     * @param  list<ProjectedOccupant>  $members
     * @return array{Standing|null, Standing|null}
     */
    private static function standings(Facility $facility, array $members, ?System $home, LocalDate $end): array
    {
        $on = fn (LocalDate $day): ?Standing => $home === null ? null : Standing::of(
            $home,
            array_map(fn (ProjectedOccupant $member): Occupant => $member->occupantOn($day), $members),
            array_map(fn (ProjectedOccupant $member): FedOccupant => $member->fedOn($day), $members),
            $home->temperature?->on($day), $facility->rulebook,
        );

        return [$on($facility->date), $on($end)];
    }
}
