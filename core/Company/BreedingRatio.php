<?php

declare(strict_types=1);

namespace Biomegas\Company;

use Biomegas\Facility\Group\Sexes;
use Biomegas\Finding\Finding;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleOption;

/**
 * Males and females of one species in one home, held against the school that
 * the rulebook goes by. Common practice, no published source.
 */
final readonly class BreedingRatio
{
    /** Females to each male, and the least number of males, by school. */
    private const SCHOOLS = ['2:2' => [1, 2], '1:2' => [2, 1], '1:3' => [3, 1]];

    /** Null while nobody has looked, or there is nobody to compare. */
    public static function of(Sexes $sexes, Rulebook $rulebook): ?Finding
    {
        if (! $sexes->areKnown() || $sexes->there() < 2) {
            return null;
        }
        if ($sexes->isPair()) {
            return Finding::of('group.ratio.pair');
        }
        $school = $rulebook->answer(RuleOption::BreedingRatio);
        [$each, $leastMales] = self::SCHOOLS[$school];
        $males = $sexes->malesAtLeast();
        $females = $sexes->femalesAtLeast();
        $notSeen = $sexes->there() - $males - $females;
        $short = $males * $each - $females - $notSeen;

        return match (true) {
            // Some of those not looked at could make it good: then nothing is asked for.
            $short > 0 => Finding::of('group.ratio.females_short', school: $school, short: $short),
            $males + $notSeen === 0 => Finding::of('group.ratio.no_male'),
            $males + $notSeen < $leastMales => Finding::of('group.ratio.no_spare_male', school: $school),
            $notSeen > 0 => Finding::of('group.ratio.open', school: $school, notSeen: $notSeen),
            default => Finding::of('group.ratio.fits', school: $school),
        };
    }
}
