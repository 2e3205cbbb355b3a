<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Facility\Span;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Measure\Temperature;
use Biomegas\Measure\TemperatureSpan;

/** The water must stay in the keeping range over the year, and a shared home in the range that all who live there have in common. */
final readonly class TemperatureRule implements Rule
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
                return $this->cannotShare($case, $wanted, $resident, $range);
            }
            $shared = $both;
        }

        return $this->againstTheWater($case, $wanted, $shared);
    }

    private function cannotShare(HousingCase $case, Span $wanted, Occupant $resident, Span $range): Verdict
    {
        return Verdict::fail(HousingRule::Temperature, Finding::of(
            'housing.temperature.not_shared',
            fish: $case->newcomer->name, wanted: self::span($wanted), other: $resident->name, others: self::span($range),
        ), null);
    }

    private function againstTheWater(HousingCase $case, Span $wanted, Span $shared): ?Verdict
    {
        $water = $case->system->temperature;
        if ($water === null) {
            return null;
        }
        $change = $water->isSteady() ? Finding::of('housing.temperature.hold', range: self::span($shared)) : null;
        $outside = fn (string $season, float $celsius): Verdict => Verdict::fail(HousingRule::Temperature, Finding::of(
            'housing.temperature.outside',
            system: $case->system->name, season: $season, there: Temperature::ofCelsius($celsius), fish: $case->newcomer->name, wanted: self::span($wanted),
        ), $change);

        return match (TemperatureFit::of($case->newcomer->species, $case->system, $case->rulebook)) {
            TemperatureFit::TooCold => $outside($water->isSteady() ? 'all' : 'winter', $water->coldest()),
            TemperatureFit::TooWarm => $outside($water->isSteady() ? 'all' : 'summer', $water->warmest()),
            TemperatureFit::Suits => Verdict::pass(HousingRule::Temperature, Finding::of('housing.temperature.suits', wanted: self::span($wanted))),
        };
    }

    private static function span(Span $range): TemperatureSpan
    {
        return TemperatureSpan::ofCelsius($range->low, $range->high);
    }
}
