<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

use Biomegas\Company\Mouthful;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Moving\Mixing\MatchClass;
use Biomegas\Moving\Mixing\WaterMatch;

/** What speaks against a move, and what to change first. */
final readonly class Objections
{
    /** @return list<Objection> blocks first */
    public static function of(MoveCase $case, WaterMatch $match): array
    {
        $all = [...self::ofHome($case), ...self::ofWater($match), ...self::ofHousing($case), ...self::ofMouths($case), ...self::ofMovers($case)];
        usort($all, fn (Objection $a, Objection $b): int => $b->isBlock <=> $a->isBlock);

        return $all;
    }

    /** @return list<Objection> */
    private static function ofHome(MoveCase $case): array
    {
        $ready = $case->readyOn ?? ($case->to->isAvailableOn($case->date) ? null : $case->to->availableFrom);

        return $ready === null || ! $ready->isAfter($case->date) ? [] : [
            Objection::block(ObjectionKind::NotReady, Finding::of('moving.objection.not_ready', system: $case->to->name, ready: $ready)),
        ];
    }

    /** @return list<Objection> */
    private static function ofWater(WaterMatch $match): array
    {
        return $match->class === MatchClass::NotYet ? [Objection::block(ObjectionKind::Water, $match->reasons[0])] : [];
    }

    /** @return list<Objection> */
    private static function ofHousing(MoveCase $case): array
    {
        $objections = [];
        foreach ($case->newcomers() as $i => $newcomer) {
            $others = [...$case->residents, ...array_values(array_filter($case->newcomers(), fn (int $j): bool => $j !== $i, ARRAY_FILTER_USE_KEY))];
            $judgement = Judgement::of(new HousingCase($newcomer, $case->to, $others, $case->rulebook));
            $obstacle = $judgement->obstacle();
            // Whom it eats, and who eats it, is said of each by name.
            if ($obstacle !== null && $obstacle->rule !== HousingRule::Swallowing) {
                $objections[] = Objection::block(ObjectionKind::Housing, Finding::of('moving.objection.housing', fish: $newcomer->name, says: $obstacle->withChange()));
            }
            foreach ($judgement->easilyMended() as $verdict) {
                $objections[] = Objection::warning(ObjectionKind::Housing, Finding::of('moving.objection.housing', fish: $newcomer->name, says: [$verdict->finding]));
            }
        }

        return $objections;
    }

    /** @return list<Objection> */
    private static function ofMouths(MoveCase $case): array
    {
        $objections = [];
        foreach ($case->newcomers() as $newcomer) {
            foreach ($case->residents as $resident) {
                $objections = [...$objections, ...self::mouth($newcomer, $resident), ...self::mouth($resident, $newcomer)];
            }
        }

        return $objections;
    }

    /** @return list<Objection> */
    private static function mouth(Occupant $predator, Occupant $prey): array
    {
        $harm = Mouthful::harm($predator, $prey);

        return $harm === null ? [] : [Objection::block(ObjectionKind::Swallowing, $harm)];
    }

    /** @return list<Objection> */
    private static function ofMovers(MoveCase $case): array
    {
        $objections = [];
        foreach ($case->movers as $mover) {
            if ($mover->quarantine !== null && ! $mover->quarantine->mayLeave()) {
                $objections[] = Objection::block(ObjectionKind::Quarantine, Finding::of('moving.objection.quarantine', fish: $mover->occupant->name, state: $mover->quarantine->finding()));
            }
            if ($mover->wantsFallback) {
                $objections[] = Objection::warning(ObjectionKind::Fallback, Finding::of('moving.objection.fallback', fish: $mover->occupant->name));
            }
        }

        return $objections;
    }
}
