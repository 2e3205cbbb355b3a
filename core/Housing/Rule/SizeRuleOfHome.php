<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Finding\Finding;
use Biomegas\Housing\Size\HomeLimits;
use Biomegas\Housing\Size\NearestHome;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Measure\Length;

/** The largest of the newcomers must be within the limit of the home. */
final readonly class SizeRuleOfHome implements Rule
{
    public function judge(HousingCase $case): Verdict
    {
        $limit = (new HomeLimits($case->rulebook))->limitIn($case->system, $case->newcomer->species);
        $longest = $case->newcomer->longest();
        [$at, $most] = [Length::ofMillimetres($longest), Length::ofMillimetres($limit->millimetres)];

        return $longest <= $limit->millimetres
            ? Verdict::pass(HousingRule::Size, Finding::of('housing.size.fits', count: $case->newcomer->count, at: $at, system: $case->system->name, most: $most))
            : Verdict::fail(
                HousingRule::Size,
                Finding::of('housing.size.too_large', count: $case->newcomer->count, at: $at, system: $case->system->name, most: $most, binding: $limit->binding),
                self::lastingHome($case)->asChange($limit->binding, $case->newcomer->count),
            );
    }

    /** What it says of one that has become just too long. */
    public static function beyond(HousingCase $case): Verdict
    {
        $limit = (new HomeLimits($case->rulebook))->limitIn($case->system, $case->newcomer->species);

        return Verdict::fail(
            HousingRule::Size,
            Finding::of('housing.size.beyond', count: $case->newcomer->count, system: $case->system->name, most: Length::ofMillimetres($limit->millimetres), binding: $limit->binding),
            self::lastingHome($case)->asChange($limit->binding, $case->newcomer->count),
        );
    }

    /** A home that does for today alone is soon the wrong advice: all of them, grown. */
    private static function lastingHome(HousingCase $case): NearestHome
    {
        $grown = max($case->newcomer->longest(), $case->newcomer->species->adultLength->typical);

        return NearestHome::forGroup($case->newcomer->species, $grown, $case->newcomer->count, $case->rulebook);
    }
}
