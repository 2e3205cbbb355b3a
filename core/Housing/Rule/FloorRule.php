<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Facility\WaterLayer;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Floor\CrowdedFloor;
use Biomegas\Housing\Floor\FloorUse;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Measure\Area;
use Biomegas\Rulebook\FloorMethod;
use Biomegas\Rulebook\RuleParameter;

/** Each water layer needs floor for the squared lengths of those who use it; a fish of all layers counts in full in each. */
final readonly class FloorRule implements Rule
{
    public function judge(HousingCase $case): Verdict
    {
        $per = CrowdedFloor::perSquaredLength($case->rulebook, $case->system, ...$case->everybody());
        $use = FloorUse::of($case->rulebook, $case->system, $case->everybody());
        [$fullest, $needed] = [WaterLayer::Bottom, 0.0];
        foreach (WaterLayer::layers() as $layer) {
            if ($case->newcomer->species->layer->uses($layer) && $use->needed($layer) > $needed) {
                [$fullest, $needed] = [$layer, $use->needed($layer)];
            }
        }
        $there = $case->system->floorArea();
        $need = $this->need($case, Area::ofSquareMillimetres($needed), $fullest, Area::ofSquareMillimetres($there));

        return $needed * (1 - $case->rulebook->number(RuleParameter::SizeTolerance)) <= $there
            ? Verdict::pass(HousingRule::Floor, Finding::of('housing.floor.enough', need: $need))
            : Verdict::fail(
                HousingRule::Floor,
                $case->residents === [] ? Finding::of('housing.floor.too_many', need: $need) : Finding::of('housing.floor.too_many_together', need: $need),
                $this->change($case, $per, $needed - $there),
            );
    }

    /** A crowded floor whose conditions fail says so. */
    private function need(HousingCase $case, Area $needed, WaterLayer $layer, Area $there): Finding
    {
        if ($case->rulebook->floor() !== FloorMethod::Crowded) {
            return Finding::of('housing.floor.need', needed: $needed, layer: $layer, there: $there);
        }
        $unmet = CrowdedFloor::unmet($case->rulebook, $case->system, ...$case->everybody());

        return $unmet === null
            ? Finding::of('housing.floor.need_crowded', needed: $needed, layer: $layer, there: $there)
            : Finding::of('housing.floor.need_not_crowded', needed: $needed, layer: $layer, there: $there, unmet: $unmet);
    }

    private function change(HousingCase $case, float $per, float $missing): Finding
    {
        $fewer = (int) ceil($missing / ($per * $case->newcomer->length ** 2) - 1e-9);
        $more = Area::ofSquareMillimetres($missing);

        return $fewer < $case->newcomer->count
            ? Finding::of('housing.floor.fewer_or_more', fewer: $fewer, more: $more)
            : Finding::of('housing.floor.more_or_fewer', more: $more);
    }
}
