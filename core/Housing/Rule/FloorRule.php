<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Facility\FloorMethod;
use Biomegas\Facility\WaterLayer;
use Biomegas\Housing\CrowdedFloor;
use Biomegas\Housing\FloorUse;
use Biomegas\Housing\HousingCase;
use Biomegas\Housing\HousingRule;
use Biomegas\Housing\Verdict;
use Biomegas\Measure\Spoken;

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
        $words = "{$case->spoken->area($needed)} of floor needed at the {$fullest->value}, {$case->spoken->area($there)} there{$this->whyRoomy($case)}";

        return $needed <= $there
            ? Verdict::pass(HousingRule::Floor, ucfirst($words).'.')
            : Verdict::fail(HousingRule::Floor, "Too many for the floor{$this->withWhom($case)}: {$words}.", $this->change($case, $per, $needed - $there));
    }

    private function withWhom(HousingCase $case): string
    {
        return $case->residents === [] ? '' : ' with those who live there';
    }

    /** A crowded floor whose conditions fail says so. */
    private function whyRoomy(HousingCase $case): string
    {
        if ($case->rulebook->floor() !== FloorMethod::Crowded) {
            return '';
        }
        $unmet = CrowdedFloor::unmet($case->rulebook, $case->system, ...$case->everybody());

        return $unmet === null ? ', crowded on purpose with a larger weekly change' : "; not crowded on purpose, for {$unmet}";
    }

    private function change(HousingCase $case, float $per, float $missing): string
    {
        $fewer = (int) ceil($missing / ($per * $case->newcomer->length ** 2) - 1e-9);
        $more = "{$case->spoken->area($missing)} more floor";

        return $fewer < $case->newcomer->count ? ucfirst(Spoken::number($fewer))." fewer of them, or {$more}." : ucfirst("{$more}, or fewer residents.");
    }
}
