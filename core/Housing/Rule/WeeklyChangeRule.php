<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Measure\Share;
use Biomegas\Rulebook\RuleParameter;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Load\SystemLoad;

/**
 * Fish whose water would need too large a change each week have outgrown it, by
 * experience of other tanks and as warm as their water gets. Common practice,
 * no published source.
 */
final readonly class WeeklyChangeRule implements Rule
{
    public function judge(HousingCase $case): Verdict
    {
        $rulebook = $case->rulebook;
        $fed = array_map(fn (Occupant $occupant): FedOccupant => new FedOccupant($occupant->species, $occupant->length, $occupant->count, $rulebook->ration()), $case->everybody());
        $needed = SystemLoad::of($case->system, $fed, $case->system->temperature?->warmest(), $rulebook)->leastWeeklyChange($rulebook->number(RuleParameter::NitrateYield));

        return $needed <= $rulebook->number(RuleParameter::ChangeOutgrown)
            ? Verdict::pass(HousingRule::Water, Finding::of('housing.water.enough', share: Share::of($needed)))
            : Verdict::fail(HousingRule::Water, Finding::of('housing.water.too_little', system: $case->system->name, share: Share::of($needed)), Finding::of('housing.water.more'));
    }
}
