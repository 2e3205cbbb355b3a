<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

use Biomegas\Company\Mouthful;
use Biomegas\Housing\HousingCase;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Occupant;
use Biomegas\Moving\Mixing\MatchClass;
use Biomegas\Moving\Mixing\WaterMatch;

/** What speaks against a move, in sentences that say what to change first. */
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
            Objection::block(ObjectionKind::NotReady, "{$case->to->name} is not ready before {$ready->inWords()}. Finish its preparation, or move later."),
        ];
    }

    /** @return list<Objection> */
    private static function ofWater(WaterMatch $match): array
    {
        return $match->class === MatchClass::NotYet ? [Objection::block(ObjectionKind::Water, $match->reasons[0] ?? 'The waters are too different.')] : [];
    }

    /** @return list<Objection> */
    private static function ofHousing(MoveCase $case): array
    {
        $objections = [];
        foreach ($case->newcomers() as $i => $one) {
            $others = [...$case->residents, ...array_values(array_filter($case->newcomers(), fn (int $j): bool => $j !== $i, ARRAY_FILTER_USE_KEY))];
            $judgement = Judgement::of(new HousingCase($one, $case->to, $others, $case->rulebook, $case->spoken));
            $obstacle = $judgement->obstacle();
            if ($obstacle !== null) {
                $objections[] = Objection::block(ObjectionKind::Housing, "{$one->name}: {$obstacle->inWords()}");
            }
            foreach ($judgement->easilyMended() as $verdict) {
                $objections[] = Objection::warning(ObjectionKind::Housing, "{$one->name}: {$verdict->sentence}");
            }
        }

        return $objections;
    }

    /** @return list<Objection> */
    private static function ofMouths(MoveCase $case): array
    {
        $objections = [];
        foreach ($case->newcomers() as $one) {
            foreach ($case->residents as $resident) {
                $objections = [...$objections, ...self::mouth($one, $resident, $case), ...self::mouth($resident, $one, $case)];
            }
        }

        return $objections;
    }

    /** @return list<Objection> */
    private static function mouth(Occupant $predator, Occupant $prey, MoveCase $case): array
    {
        return match (true) {
            Mouthful::swallows($predator, $prey) => [Objection::block(ObjectionKind::Swallowing, "{$predator->name}, {$case->spoken->length($predator->longest())}, can swallow {$prey->name}, {$case->spoken->length($prey->length)}.")],
            $predator->species->habits->bitesPieces => [Objection::block(ObjectionKind::Swallowing, "{$predator->name} bites pieces out of others: no size of {$prey->name} is safe.")],
            default => [],
        };
    }

    /** @return list<Objection> */
    private static function ofMovers(MoveCase $case): array
    {
        $objections = [];
        foreach ($case->movers as $mover) {
            if ($mover->quarantine !== null && ! $mover->quarantine->mayLeave()) {
                $objections[] = Objection::block(ObjectionKind::Quarantine, "{$mover->occupant->name} is in quarantine: {$mover->quarantine->sentence()}");
            }
            if ($mover->wantsFallback) {
                $objections[] = Objection::warning(ObjectionKind::Fallback, "Nobody has said where {$mover->occupant->name} goes if it cannot stay.");
            }
        }

        return $objections;
    }
}
