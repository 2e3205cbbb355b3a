<?php

declare(strict_types=1);

namespace Biomegas\Company;

use Biomegas\Facility\Diet;
use Biomegas\Facility\FeedingPace;
use Biomegas\Facility\Span;
use Biomegas\Facility\Species;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;

/**
 * What is likely to go wrong between two, apart from mouths: weights that add
 * up, each with its reason. They stand in the rulebook. Common practice, no
 * published source.
 */
final readonly class Friction
{
    private const USUAL_TEMPER = 3;

    /** So much longer than the other, an ill-tempered one has the upper hand. */
    private const STRONGER = 1.3;

    /** @return list<PairReason> the heaviest first */
    public static function between(Occupant $one, Occupant $other, Rulebook $rulebook): array
    {
        $reasons = array_values(array_filter([
            self::alike($one, $other, $rulebook),
            self::worseTemper($one, $other, $rulebook),
            ...self::inOneDirection($one, $other, $rulebook),
            ...self::inOneDirection($other, $one, $rulebook),
            self::diets($one, $other, $rulebook),
            self::waters($one, $other, $rulebook),
        ]));
        usort($reasons, fn (PairReason $a, PairReason $b): int => $b->weight <=> $a->weight);

        return $reasons;
    }

    /** @return list<PairReason|null> */
    private static function inOneDirection(Occupant $one, Occupant $other, Rulebook $rulebook): array
    {
        return [self::nips($one, $other, $rulebook), self::restless($one, $other, $rulebook)];
    }

    private static function alike(Occupant $one, Occupant $other, Rulebook $rulebook): ?PairReason
    {
        $keepsGroup = $one->species->key === $other->species->key && $one->species->needs->minimumGroup > 1;
        $temper = max($one->species->habits->temperament, $other->species->habits->temperament);

        return $keepsGroup || $temper < self::USUAL_TEMPER || ! self::areAlike($one->species, $other->species)
            ? null
            : new PairReason(Finding::of('company.pair.alike', one: $one->name, other: $other->name), $rulebook->number(RuleParameter::CompanyAlike));
    }

    /** Of one genus, or one is taken for the other. */
    public static function areAlike(Species $one, Species $other): bool
    {
        return explode(' ', $one->scientificName)[0] === explode(' ', $other->scientificName)[0]
            || in_array($other->key, $one->lookAlikes, true) || in_array($one->key, $other->lookAlikes, true);
    }

    /** Of two ill-tempered ones the one that is the greater danger. */
    private static function worseTemper(Occupant $one, Occupant $other, Rulebook $rulebook): ?PairReason
    {
        [$by, $byOther] = [self::temper($one, $other, $rulebook), self::temper($other, $one, $rulebook)];

        return ($byOther->weight ?? 0.0) > ($by->weight ?? 0.0) ? $byOther : $by;
    }

    private static function temper(Occupant $one, Occupant $other, Rulebook $rulebook): ?PairReason
    {
        $beyond = $one->species->habits->temperament - self::USUAL_TEMPER;
        if ($beyond <= 0 || ($one->species->key === $other->species->key && $one->species->needs->minimumGroup > 1)) {
            return null;
        }
        $isStronger = $one->longest() > self::STRONGER * $other->longest();
        $weight = $beyond * $rulebook->number(RuleParameter::CompanyTemper) + ($isStronger ? $rulebook->number(RuleParameter::CompanyStronger) : 0.0);

        return new PairReason(
            $isStronger
                ? Finding::of('company.pair.temper_stronger', one: $one->name, other: $other->name, temper: $one->species->habits->temperament)
                : Finding::of('company.pair.temper', one: $one->name, temper: $one->species->habits->temperament),
            $weight,
        );
    }

    private static function nips(Occupant $one, Occupant $other, Rulebook $rulebook): ?PairReason
    {
        return $one->species->habits->nipsFins && $other->species->habits->hasLongFins
            ? new PairReason(Finding::of('company.pair.nips', one: $one->name, other: $other->name), $rulebook->number(RuleParameter::CompanyNipper))
            : null;
    }

    private static function restless(Occupant $one, Occupant $other, Rulebook $rulebook): ?PairReason
    {
        return $one->species->habits->pace === FeedingPace::Fast && $other->species->habits->pace === FeedingPace::Slow
            ? new PairReason(Finding::of('company.pair.steals_food', one: $one->name, other: $other->name), $rulebook->number(RuleParameter::CompanyPace))
            : null;
    }

    /** Steady water counts for more than the right figure: advice. */
    private static function waters(Occupant $one, Occupant $other, Rulebook $rulebook): ?PairReason
    {
        $apart = fn (?Span $a, ?Span $b): bool => $a !== null && $b !== null && $a->shared($b) === null;
        $needs = [$one->species->needs, $other->species->needs];

        return $apart($needs[0]->ph, $needs[1]->ph) || $apart($needs[0]->hardness, $needs[1]->hardness)
            ? new PairReason(Finding::of('company.pair.water', one: $one->name, other: $other->name), $rulebook->number(RuleParameter::CompanyWater))
            : null;
    }

    private static function diets(Occupant $one, Occupant $other, Rulebook $rulebook): ?PairReason
    {
        $diets = [$one->species->habits->diet, $other->species->habits->diet];

        return in_array(Diet::Grazer, $diets, true) && in_array(Diet::Meat, $diets, true)
            ? new PairReason(Finding::of('company.pair.diets', one: $one->name, other: $other->name), $rulebook->number(RuleParameter::CompanyDiet))
            : null;
    }
}
