<?php

declare(strict_types=1);

namespace Biomegas\Planning\Company;

use Biomegas\Calendar\LocalDate;
use Biomegas\Company\Mouthful;
use Biomegas\Company\PairJudgement;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Rulebook\OwnVerdict;
use Biomegas\Rulebook\PairVerdict;
use Closure;

/** Every two of some fish held against each other, in both directions. */
final readonly class CompanyGrid
{
    public const MONTHS = 24;

    /** So probable, and they are kept apart; so probable, and they are watched. */
    public const LIKELY = 0.5;

    private const POSSIBLE = 0.1;

    /**
     * @param  list<Pair>  $pairs
     * @param  array<string, Pair>  $byBoth
     * @param  array<string, Occupant>  $occupants  as they are today, by fish
     */
    private function __construct(
        public array $pairs,
        private array $byBoth,
        private array $occupants,
    ) {
    }

    /**
     * @param  list<Fish>  $fish
     * @param  Closure(Fish): LengthsAhead  $lengthsOf
     */
    public static function of(Facility $facility, array $fish, Closure $lengthsOf): self
    {
        $today = $facility->date;
        $tables = $occupants = [];
        foreach ($fish as $one) {
            $ahead = $lengthsOf($one);
            $tables[] = LengthTable::of($one, $ahead, $today, self::MONTHS);
            $occupants[] = Shoal::of($one)->occupant($ahead->on($today));
        }
        $pairs = [];
        foreach ($fish as $i => $one) {
            for ($j = 0; $j < $i; $j++) {
                $swallowed = fn (int $prey, int $predator): ?Swallowing => Mouthful::isHunted($occupants[$predator], $occupants[$prey]) ? Swallowing::of($tables[$predator], $tables[$prey], $today) : null;
                $pairs[] = self::pair($facility, [$one, $fish[$j]], [$occupants[$i], $occupants[$j]], $swallowed($i, $j), $swallowed($j, $i));
            }
        }

        return new self($pairs, array_column(array_map(fn (Pair $pair): array => [OwnVerdict::of($pair->one->key, $pair->other->key), $pair], $pairs), 1, 0), array_combine(array_map(fn (Fish $one): string => $one->key, $fish), $occupants));
    }

    /** As it is today. */
    public function occupant(Fish $fish): Occupant
    {
        return $this->occupants[$fish->key];
    }

    /** When this prey may be swallowed by that predator; null: no danger to speak of. */
    public function swallowing(Fish $prey, Fish $predator): ?Swallowing
    {
        $pair = $this->byBoth[OwnVerdict::of($prey->key, $predator->key)] ?? null;

        return $pair?->one->key === $prey->key ? $pair->oneSwallowed : $pair?->otherSwallowed;
    }

    /**
     * From when on none of some others can swallow it any more.
     *
     * @param  list<Fish>  $others
     * @return array{LocalDate|null, LocalDate|null, LocalDate|null}|null early, likely, late, each null: not within what is looked at; null: none of them
     */
    public function mayJoin(Fish $fish, array $others, LocalDate $today): ?array
    {
        $days = [$today, $today, $today];
        foreach ($others as $other) {
            $swallowed = $other->key === $fish->key ? null : $this->swallowing($fish, $other);
            foreach ($swallowed === null ? [] : [$swallowed->safeEarly, $swallowed->until, $swallowed->safeLate] as $i => $safe) {
                $days[$i] = $safe === null || $days[$i] === null ? null : LocalDate::later($days[$i], $safe);
            }
        }

        return $days[0] === null ? null : $days;
    }

    /** @return list<string> keys in the order in which they are best brought in: the peaceful first, the small before the large among equals */
    public function order(): array
    {
        $occupants = array_values($this->occupants);
        usort($occupants, fn (Occupant $a, Occupant $b): int => [$a->temperament(), $a->longest()] <=> [$b->temperament(), $b->longest()]);

        return array_map(fn (Occupant $occupant): string => (string) $occupant->fish, $occupants);
    }

    /**
     * @param  array{Fish, Fish}  $fish
     * @param  array{Occupant, Occupant}  $occupants
     */
    private static function pair(Facility $facility, array $fish, array $occupants, ?Swallowing $oneSwallowed, ?Swallowing $otherSwallowed): Pair
    {
        $rulebook = $facility->rulebook;
        $judged = PairJudgement::of($occupants[0], $occupants[1], $rulebook);
        if ($judged->own !== null) {
            return new Pair($fish[0], $fish[1], $judged->reasons, array_fill(0, self::MONTHS + 1, $judged->own->verdict), $oneSwallowed, $otherSwallowed, $facility->date, $judged->own->reason);
        }
        $standing = $judged->verdict;
        $months = [];
        for ($i = 0; $i <= self::MONTHS; $i++) {
            $risk = max($oneSwallowed->monthly[$i] ?? 0.0, $otherSwallowed->monthly[$i] ?? 0.0);
            $months[] = $standing->orWorse(match (true) {
                $risk >= self::LIKELY => PairVerdict::Avoid,
                $risk >= self::POSSIBLE => PairVerdict::Watch,
                default => PairVerdict::Good,
            });
        }

        return new Pair($fish[0], $fish[1], $judged->reasons, $months, $oneSwallowed, $otherSwallowed, $facility->date);
    }
}
