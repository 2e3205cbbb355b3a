<?php

declare(strict_types=1);

namespace Biomegas\Planning\Company;

use Biomegas\Company\Friction;
use Biomegas\Company\Mouthful;
use Biomegas\Company\PairReason;
use Biomegas\Company\PairVerdict;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Finding\Finding;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Rule\PreyRule;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;
use Closure;

/** Every two of some fish held against each other, in both directions. */
final readonly class CompanyGrid
{
    public const MONTHS = 24;

    /** So probable, and they are kept apart; so probable, and they are watched. */
    private const LIKELY = 0.5;

    private const POSSIBLE = 0.1;

    /**
     * @param  list<Pair>  $pairs
     * @param  list<Occupant>  $occupants  as they are today
     */
    private function __construct(
        public array $pairs,
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

        return new self($pairs, $occupants);
    }

    /** When this prey may be swallowed by that predator; null: no danger to speak of. */
    public function swallowing(Fish $prey, Fish $predator): ?Swallowing
    {
        foreach ($this->pairs as $pair) {
            if ($pair->one->key === $prey->key && $pair->other->key === $predator->key) {
                return $pair->oneSwallowed;
            }
            if ($pair->other->key === $prey->key && $pair->one->key === $predator->key) {
                return $pair->otherSwallowed;
            }
        }

        return null;
    }

    /** @return list<string> keys in the order in which they are best brought in: the peaceful first, the small before the large among equals */
    public function order(): array
    {
        $occupants = $this->occupants;
        usort($occupants, fn (Occupant $a, Occupant $b): int => [$a->species->habits->temperament, $a->longest()] <=> [$b->species->habits->temperament, $b->longest()]);

        return array_map(fn (Occupant $occupant): string => (string) $occupant->fish, $occupants);
    }

    /**
     * @param  array{Fish, Fish}  $fish
     * @param  array{Occupant, Occupant}  $occupants
     */
    private static function pair(Facility $facility, array $fish, array $occupants, ?Swallowing $oneSwallowed, ?Swallowing $otherSwallowed): Pair
    {
        $rulebook = $facility->rulebook;
        $reasons = [...self::final(...$occupants), ...Friction::between($occupants[0], $occupants[1], $rulebook)];
        $standing = self::standing($reasons, $rulebook);
        $months = [];
        for ($i = 0; $i <= self::MONTHS; $i++) {
            $risk = max($oneSwallowed->monthly[$i] ?? 0.0, $otherSwallowed->monthly[$i] ?? 0.0);
            $months[] = $standing->orWorse(match (true) {
                $risk >= self::LIKELY => PairVerdict::Avoid,
                $risk >= self::POSSIBLE => PairVerdict::Watch,
                default => PairVerdict::Good,
            });
        }

        return new Pair($fish[0], $fish[1], $reasons, $months, $oneSwallowed, $otherSwallowed, $facility->date);
    }

    /** @param  list<PairReason>  $reasons */
    private static function standing(array $reasons, Rulebook $rulebook): PairVerdict
    {
        $sum = array_sum(array_map(fn (PairReason $reason): float => $reason->weight, $reasons));

        return match (true) {
            array_filter($reasons, fn (PairReason $reason): bool => $reason->isFinal) !== [], $sum >= $rulebook->number(RuleParameter::CompanyAvoid) => PairVerdict::Avoid,
            $sum >= $rulebook->number(RuleParameter::CompanyWatch) => PairVerdict::Watch,
            default => PairVerdict::Good,
        };
    }

    /** @return list<PairReason> what forbids it by itself */
    private static function final(Occupant $one, Occupant $other): array
    {
        $found = [];
        foreach ([[$one, $other], [$other, $one]] as [$a, $b]) {
            if ($a->species->habits->bitesPieces && Mouthful::isHunted($a, $b)) {
                $found[] = Finding::of('company.pair.bites', one: $a->name, other: $b->name);
            }
            if ($a->species->needs->isSpeciesOnly && $a->species->key !== $b->species->key) {
                $found[] = Finding::of('company.pair.alone', one: $a->name);
            }
            $found[] = PreyRule::eaten($a, $b);
        }
        $found[] = self::waters($one, $other);

        return array_map(fn (Finding $finding): PairReason => new PairReason($finding, 0.0, true), array_values(array_filter($found)));
    }

    private static function waters(Occupant $one, Occupant $other): ?Finding
    {
        $ranges = [$one->species->keepingRange, $other->species->keepingRange];

        return match (true) {
            $one->species->needs->salinity !== $other->species->needs->salinity => Finding::of('company.pair.salinity', one: $one->name, other: $other->name),
            $ranges[0] !== null && $ranges[1] !== null && $ranges[0]->shared($ranges[1]) === null => Finding::of('company.pair.temperature', one: $one->name, other: $other->name),
            default => null,
        };
    }
}
