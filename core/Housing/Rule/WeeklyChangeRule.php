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
 * experience of other tanks and as warm as their water gets; a keeper who does
 * change more than usual has water for more, up to a share. Common practice,
 * no published source.
 */
final readonly class WeeklyChangeRule implements Rule
{
    public function judge(HousingCase $case): Verdict
    {
        $rulebook = $case->rulebook;
        $fed = array_map(fn (Occupant $occupant): FedOccupant => new FedOccupant($occupant->species, $occupant->length, $occupant->count, $rulebook->ration()), $case->everybody());
        $load = SystemLoad::of($case->system, $fed, $case->system->temperature?->warmest(), $rulebook);
        $needed = $load->leastWeeklyChange($rulebook->number(RuleParameter::NitrateYield));

        return $needed <= $load->mostChange
            ? Verdict::pass(HousingRule::Water, Finding::of('housing.water.enough', share: Share::of($needed)))
            : Verdict::fail(HousingRule::Water, Finding::of('housing.water.too_little', system: $case->system->name, share: Share::of($needed)), Finding::of('housing.water.more'));
    }
}
