<?php

declare(strict_types=1);

namespace Biomegas\Planning\Company;

use Biomegas\Calendar\LocalDate;
use Biomegas\Company\Mouthful;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\Stay;
use Biomegas\Facility\Way;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Measure\Share;
use Closure;

/** Who may have eaten those that went missing: by mouth, by how long it lived with them, and by what is written down. */
final readonly class Suspects
{
    /** What each weighs. Judgement. */
    private const SWALLOWS = 1.0;

    private const BITES = 0.8;

    private const NEARLY = 0.3;

    /** By how much one that ate of them before weighs more. */
    private const ATE_BEFORE = 2.0;

    /** Steps in which the past is looked at. */
    private const STEP_DAYS = 15;

    /** Longer than this share of the time there is as good as all of it. */
    private const ALL_THE_TIME = 0.95;

    /**
     * @param  Closure(Fish): Occupant  $occupantOf  as it is today
     * @param  array<string, int>  $ateBefore  how many of them each has eaten, by key
     * @return list<Suspect> the likeliest first
     */
    public static function of(Facility $facility, Fish $missing, LocalDate $since, Closure $occupantOf, array $ateBefore): array
    {
        $prey = $occupantOf($missing);
        $suspects = [];
        foreach ($facility->fish as $fish) {
            $access = $fish->key === $missing->key ? 0.0 : self::shareTogether($fish, $missing, $since, $facility->date);
            if ($access > 0.0) {
                $suspects[] = self::suspect($fish, $missing, [$occupantOf($fish), $prey], $access, [$since, $facility->date], $ateBefore[$fish->key] ?? 0);
            }
        }
        $suspects = array_values(array_filter($suspects));
        usort($suspects, fn (Suspect $a, Suspect $b): int => $b->score <=> $a->score);

        return $suspects;
    }

    /** Whether some of them may have jumped; null: they do not jump. */
    public static function jumps(Facility $facility, Fish $missing): ?Finding
    {
        $home = $facility->system($missing->currentSystem());

        return match (true) {
            $home->has(Fitting::TightLid) => Finding::of('losses.jumps.unlikely', home: $home->name),
            in_array(Way::Jumper, $missing->species->needs->ways, true) => Finding::of('losses.jumps.possible', species: $missing->species->commonName, home: $home->name),
            default => null,
        };
    }

    /**
     * @param  array{Occupant, Occupant}  $occupants  it and the prey
     * @param  array{LocalDate, LocalDate}  $span  since when they went missing, and today
     */
    private static function suspect(Fish $fish, Fish $missing, array $occupants, float $access, array $span, int $ateBefore): ?Suspect
    {
        [$predator, $prey] = $occupants;
        [$weight, $mouth] = match (true) {
            ! Mouthful::isHunted($predator, $prey) => [0.0, null],
            Mouthful::swallows($predator, $prey) => [self::SWALLOWS, self::mouthSince($fish, $missing, $occupants, $span)],
            $predator->species->habits->bitesPieces => [self::BITES, Finding::of('losses.suspect.bites')],
            Mouthful::isNear($predator, $prey) => [self::NEARLY, Finding::of('losses.suspect.near')],
            default => [0.0, null],
        };
        $reasons = array_values(array_filter([
            $ateBefore > 0 ? Finding::of('losses.suspect.ate_before') : null,
            $mouth,
            $access < self::ALL_THE_TIME ? Finding::of('losses.suspect.part_time', share: Share::of($access)) : null,
        ]));
        $score = $access * max($weight, $ateBefore > 0 ? self::SWALLOWS : 0.0) * ($ateBefore > 0 ? self::ATE_BEFORE : 1.0);

        return $score > 0.0 && $reasons !== [] ? new Suspect($fish->key, $fish->name, $score, $reasons) : null;
    }

    /**
     * @param  array{Occupant, Occupant}  $occupants
     * @param  array{LocalDate, LocalDate}  $span
     */
    private static function mouthSince(Fish $fish, Fish $missing, array $occupants, array $span): Finding
    {
        [[$predator, $prey], [$since, $today]] = [$occupants, $span];
        $lengths = [MeasuredPast::of($fish, $predator->length, $today), MeasuredPast::of($missing, $prey->length, $today)];
        $first = $today;
        for ($day = $today; ! $day->isBefore($since); $day = $day->plusDays(-self::STEP_DAYS)) {
            if (! Mouthful::swallows($predator->ofLength($lengths[0]->on($day)), $prey->ofLength($lengths[1]->on($day)))) {
                return Finding::of('losses.suspect.since', since: $first);
            }
            $first = $day;
        }

        return Finding::of('losses.suspect.always');
    }

    /** Of the time since then, from 0 to 1. */
    private static function shareTogether(Fish $one, Fish $other, LocalDate $since, LocalDate $today): float
    {
        $days = 0;
        foreach ($one->stays as $stay) {
            foreach ($other->stays as $beside) {
                $days += $stay->system === $beside->system ? self::overlap($stay, $beside, $since, $today) : 0;
            }
        }

        return min(1.0, $days / max(1, $since->daysUntil($today)));
    }

    private static function overlap(Stay $stay, Stay $beside, LocalDate $since, LocalDate $today): int
    {
        $from = LocalDate::later(LocalDate::later($stay->from, $beside->from), $since);
        $until = $today;
        foreach (array_filter([$stay->until, $beside->until]) as $end) {
            $until = $end->isBefore($until) ? $end : $until;
        }

        return max(0, $from->daysUntil($until));
    }
}
