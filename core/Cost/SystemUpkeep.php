<?php

declare(strict_types=1);

namespace Biomegas\Cost;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Pool;
use Biomegas\Facility\System;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Load\SystemLoad;

/** What a system with its fish costs a day: food, fresh water, and power for its pump, its lights, its warmth and the warming of fresh water. */
final readonly class SystemUpkeep
{
    private const HOURS = 24;

    private const THOUSAND = 1000.0;

    /** Heat that a litre of water takes for each kelvin, kWh: 4.186 kJ. */
    private const KWH_PER_LITRE_KELVIN = 4.186 / 3600;

    /** How high a pump lifts its water with all bends, metres, and what share of its power becomes flow. Common practice, no published source. */
    private const HEAD = 1.5;

    private const EFFICIENCY = 0.25;

    private const GRAVITY = 9.81;

    private const SECONDS_PER_HOUR = 3600.0;

    private const MINUTES_PER_HOUR = 60;

    private const SQUARE_MM_PER_M2 = 1e6;

    /** @param  list<FedOccupant>  $fed */
    public static function perDay(System $system, array $fed, LocalDate $date, Rulebook $rulebook): RunningCost
    {
        $celsius = $system->temperature?->on($date);
        $load = SystemLoad::of($system, $fed, $celsius, $rulebook);
        $fresh = max($load->nitrate->share, min(1.0, $load->leastWeeklyChange($rulebook->number(RuleParameter::NitrateYield)))) * $load->litres / LocalDate::DAYS_PER_WEEK;
        $kilowattHours = self::pumpWatts($system) * self::HOURS / self::THOUSAND + self::lightWattHours($system, $rulebook) / self::THOUSAND;
        if ($celsius !== null && $system->temperature->isSteady()) {
            $kilowattHours += HeatLoss::watts($system, $celsius, $rulebook->number(RuleParameter::RoomCelsius)) * self::HOURS / self::THOUSAND
                + $fresh * max(0.0, $celsius - $rulebook->number(RuleParameter::TapCelsius)) * self::KWH_PER_LITRE_KELVIN;
        }

        return new RunningCost(
            $load->feed / self::THOUSAND * ($system->habit->pricePerKg ?? $rulebook->number(RuleParameter::FoodPrice)),
            $fresh / self::THOUSAND * $rulebook->number(RuleParameter::WaterPrice),
            $kilowattHours * $rulebook->number(RuleParameter::PowerPrice),
        );
    }

    /** While they are on; none where nobody said when. */
    private static function lightWattHours(System $system, Rulebook $rulebook): float
    {
        $light = $system->equipment->light;
        $squareMetres = array_sum(array_map(fn (Pool $pool): float => $pool->shape->floorArea(), $system->pools)) / self::SQUARE_MM_PER_M2;

        return $light === null ? 0.0 : ($light->off - $light->on) / self::MINUTES_PER_HOUR * $squareMetres * $rulebook->number(RuleParameter::LightPower);
    }

    /** P = ρ g Q h / η, W; where its turnover is not known, all its water once an hour. */
    private static function pumpWatts(System $system): float
    {
        $litres = $system->equipment->turnover ?? $system->waterLitres();

        return self::GRAVITY * $litres / self::SECONDS_PER_HOUR * self::HEAD / self::EFFICIENCY;
    }
}
