<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Facility\Span;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Measure\Temperature;
use Biomegas\Measure\TemperatureSpan;

/** All who share a home need something in common, and its water must stay in the keeping range over the year, or over the months of a stay that is meant to end. */
final readonly class TemperatureRule implements Rule
{
    public function judge(HousingCase $case): ?Verdict
    {
        return (new SharedTemperatureRule)->judge($case) ?? $this->againstTheWater($case);
    }

    private function againstTheWater(HousingCase $case): ?Verdict
    {
        $wanted = $case->newcomer->species->keepingRange;
        $water = $case->system->temperature;
        if ($wanted === null || $water === null) {
            return null;
        }
        $change = $water->isSteady() ? Finding::of('housing.temperature.hold', range: self::span($this->shared($case, $wanted))) : null;
        $outside = fn (string $season, float $celsius): Verdict => Verdict::fail(HousingRule::Temperature, Finding::of(
            'housing.temperature.outside',
            system: $case->system->name, season: $season, there: Temperature::ofCelsius($celsius), fish: $case->newcomer->name, wanted: self::span($wanted),
        ), $change);

        return match (TemperatureFit::of($case->newcomer->species, $case->system, $case->rulebook, $case->months)) {
            TemperatureFit::TooCold => $outside($water->isSteady() ? 'all' : 'winter', $water->coldest($case->months)),
            TemperatureFit::TooWarm => $outside($water->isSteady() ? 'all' : 'summer', $water->warmest($case->months)),
            TemperatureFit::Suits => Verdict::pass(HousingRule::Temperature, Finding::of('housing.temperature.suits', wanted: self::span($wanted))),
        };
    }

    /** What those who live there have in common with it, as far as they have. */
    private function shared(HousingCase $case, Span $wanted): Span
    {
        foreach ($case->residents as $resident) {
            $range = $resident->species->keepingRange;
            $wanted = $range === null ? $wanted : $wanted->shared($range) ?? $wanted;
        }

        return $wanted;
    }

    private static function span(Span $range): TemperatureSpan
    {
        return TemperatureSpan::ofCelsius($range->low, $range->high);
    }
}
