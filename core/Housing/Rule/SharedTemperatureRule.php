<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Facility\Span;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Measure\TemperatureSpan;

/** The keeping ranges of all who share a home must have something in common. */
final readonly class SharedTemperatureRule implements Rule
{
    public function judge(HousingCase $case): ?Verdict
    {
        $wanted = $case->newcomer->species->keepingRange;
        if ($wanted === null) {
            return null;
        }
        $shared = $wanted;
        foreach ($case->residents as $resident) {
            $range = $resident->species->keepingRange;
            if ($range === null) {
                continue;
            }
            $both = $shared->shared($range);
            if ($both === null) {
                return Verdict::fail(HousingRule::Temperature, Finding::of(
                    'housing.temperature.not_shared',
                    fish: $case->newcomer->name, wanted: self::span($wanted), other: $resident->name, others: self::span($range),
                ), null);
            }
            $shared = $both;
        }

        return null;
    }

    private static function span(Span $range): TemperatureSpan
    {
        return TemperatureSpan::ofCelsius($range->low, $range->high);
    }
}
