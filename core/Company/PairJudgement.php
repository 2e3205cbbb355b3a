<?php

declare(strict_types=1);

namespace Biomegas\Company;

use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Rulebook\OwnVerdict;
use Biomegas\Rulebook\PairVerdict;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;

/** Whether two may share a home, apart from who fits whose mouth: the keeper's own word, what forbids it, and what speaks against it. */
final readonly class PairJudgement
{
    /** @param  list<PairReason>  $reasons  the heaviest first; what forbids it by itself before all */
    private function __construct(
        public PairVerdict $verdict,
        public array $reasons,
        /** The keeper's own; null: he has not said. */
        public ?OwnVerdict $own,
    ) {
    }

    public static function of(Occupant $one, Occupant $other, Rulebook $rulebook): self
    {
        $reasons = [...self::final($one, $other), ...Friction::between($one, $other, $rulebook)];
        $own = self::own($one, $other, $rulebook);

        return new self($own->verdict ?? self::sum($reasons, $rulebook), $reasons, $own);
    }

    /** As the odds of trouble alone have it, and the keeper's word: what forbids it is asked by rules of its own. */
    public static function byFriction(Occupant $one, Occupant $other, Rulebook $rulebook): self
    {
        $own = self::own($one, $other, $rulebook);
        $reasons = $own === null ? Friction::between($one, $other, $rulebook) : [];

        return new self($own->verdict ?? self::sum($reasons, $rulebook), $reasons, $own);
    }

    /** Null: he has not said. */
    public static function own(Occupant $one, Occupant $other, Rulebook $rulebook): ?OwnVerdict
    {
        return $one->fish === null || $other->fish === null ? null : $rulebook->ownVerdict($one->fish, $other->fish);
    }

    /** @param  list<PairReason>  $reasons */
    private static function sum(array $reasons, Rulebook $rulebook): PairVerdict
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
            $found[] = Morsel::eaten($a, $b);
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
