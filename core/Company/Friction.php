<?php

declare(strict_types=1);

namespace Biomegas\Company;

use Biomegas\Facility\Diet;
use Biomegas\Facility\FeedingPace;
use Biomegas\Facility\Span;
use Biomegas\Facility\Species;
use Biomegas\Facility\Temper;
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
            self::hybrids($one, $other),
            self::regions($one, $other),
        ]));
        usort($reasons, fn (PairReason $a, PairReason $b): int => $b->weight <=> $a->weight);

        return $reasons;
    }

    /** @return list<PairReason|null> */
    private static function inOneDirection(Occupant $one, Occupant $other, Rulebook $rulebook): array
    {
        return [self::hurt($one, $other, $rulebook), self::guards($one, $other, $rulebook), self::nips($one, $other, $rulebook), self::restless($one, $other, $rulebook), self::tooFew($one, $other, $rulebook)];
    }

    private static function alike(Occupant $one, Occupant $other, Rulebook $rulebook): ?PairReason
    {
        $keepsGroup = $one->species->key === $other->species->key && $one->species->needs->minimumGroup > 1;
        $temper = max($one->temperament(), $other->temperament());

        return $keepsGroup || $temper < self::USUAL_TEMPER || ! self::areAlike($one->species, $other->species)
            ? null
            : new PairReason(Finding::of('company.pair.alike', one: $one->name, other: $other->name), $rulebook->number(RuleParameter::CompanyAlike));
    }

    /** Of one genus, or one is taken for the other. */
    public static function areAlike(Species $one, Species $other): bool
    {
        return self::areOfOneGenus($one, $other)
            || in_array($other->key, $one->lookAlikes, true) || in_array($one->key, $other->lookAlikes, true);
    }

    private static function areOfOneGenus(Species $one, Species $other): bool
    {
        return strstr("{$one->scientificName} ", ' ', true) === strstr("{$other->scientificName} ", ' ', true);
    }

    /** Of two ill-tempered ones the one that is the greater danger. */
    private static function worseTemper(Occupant $one, Occupant $other, Rulebook $rulebook): ?PairReason
    {
        [$by, $byOther] = [self::temper($one, $other, $rulebook), self::temper($other, $one, $rulebook)];

        return ($byOther->weight ?? 0.0) > ($by->weight ?? 0.0) ? $byOther : $by;
    }

    private static function temper(Occupant $one, Occupant $other, Rulebook $rulebook): ?PairReason
    {
        $beyond = $one->temperament() - self::USUAL_TEMPER;
        if ($beyond <= 0 || ($one->manner->temper !== Temper::Bully && $one->species->key === $other->species->key && $one->species->needs->minimumGroup > 1)) {
            return null;
        }
        $isStronger = $one->length > self::STRONGER * $other->length;
        $weight = $beyond * $rulebook->number(RuleParameter::CompanyTemper) + ($isStronger ? $rulebook->number(RuleParameter::CompanyStronger) : 0.0);

        return new PairReason(
            $isStronger
                ? Finding::of('company.pair.temper_stronger', one: $one->name, other: $other->name, temper: $one->temperament())
                : Finding::of('company.pair.temper', one: $one->name, temper: $one->temperament()),
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

    /** What was seen weighs more than what is said of kinds. */
    private static function hurt(Occupant $one, Occupant $other, Rulebook $rulebook): ?PairReason
    {
        $times = $other->fish === null || $one->fish === $other->fish ? 0 : $one->manner->hurt[$other->fish] ?? 0;

        return $times === 0 ? null : new PairReason(Finding::of('company.pair.hurt', one: $one->name, other: $other->name, times: $times), $times * $rulebook->number(RuleParameter::CompanyHurt));
    }

    /** Whoever comes near a brood is driven off, but for its own parents. */
    private static function guards(Occupant $one, Occupant $other, Rulebook $rulebook): ?PairReason
    {
        $with = $one->manner->guardsWith;

        return $with === null || in_array($other->fish, $with, true) || ($one->fish !== null && $one->fish === $other->fish)
            ? null
            : new PairReason(Finding::of('company.pair.guards', one: $one->name), $rulebook->number(RuleParameter::CompanyGuards));
    }

    /** A group-fish without its group is picked on by those that pick on anyone. */
    private static function tooFew(Occupant $one, Occupant $other, Rulebook $rulebook): ?PairReason
    {
        $isAlone = $one->species->key !== $other->species->key && $one->count < $one->species->needs->minimumGroup && ! $one->species->needs->mayLiveAlone;

        return $isAlone && $other->temperament() >= self::USUAL_TEMPER
            ? new PairReason(Finding::of('company.pair.too_few', one: $one->name, least: $one->species->needs->minimumGroup), $rulebook->number(RuleParameter::CompanyTooFew))
            : null;
    }

    /** Kinds of one genus may breed with each other: advice. */
    private static function hybrids(Occupant $one, Occupant $other): ?PairReason
    {
        return $one->species->key !== $other->species->key && self::areOfOneGenus($one->species, $other->species) && ! $one->sexes->cannotBreedWith($other->sexes)
            ? new PairReason(Finding::of('company.pair.hybrids', one: $one->name, other: $other->name), 0.0)
            : null;
    }

    /** Said to those who go by it; it makes nobody unfit. */
    private static function regions(Occupant $one, Occupant $other): ?PairReason
    {
        [$region, $otherRegion] = [$one->species->habits->region, $other->species->habits->region];

        return $region === null || $otherRegion === null || $region === $otherRegion
            ? null
            : new PairReason(Finding::of('company.pair.regions', one: $one->name, region: $region, other: $other->name, other_region: $otherRegion), 0.0);
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
