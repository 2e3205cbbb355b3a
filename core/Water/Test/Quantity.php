<?php

declare(strict_types=1);

namespace Biomegas\Water\Test;

/** What a water test or a probe measures. The names are those of the file formats; each carries its unit. Test kits' ions, not nitrogen. */
enum Quantity: string
{
    case Temperature = 'temperature_c';
    case Ph = 'ph';
    case Ammonia = 'ammonia_mg_l';
    case Nitrite = 'nitrite_mg_l';
    case Nitrate = 'nitrate_mg_l';
    case CarbonateHardness = 'kh_dkh';
    case GeneralHardness = 'gh_dgh';
    case Conductivity = 'conductivity_us';
    case Salinity = 'salinity_ppt';
    case Oxygen = 'oxygen_mg_l';
    case Copper = 'copper_mg_l';
    case Chlorine = 'chlorine_mg_l';
    case Phosphate = 'phosphate_mg_l';

    /** As it is held; a temperature is shown in the degrees of the facility. */
    public function unit(): string
    {
        return match ($this) {
            self::Temperature => '°C',
            self::Ph => '',
            self::CarbonateHardness, self::GeneralHardness => '°dH',
            self::Conductivity => 'µS/cm',
            self::Salinity => 'ppt',
            default => 'mg/l',
        };
    }

    /** @return array{float, float} least and most that water can have at all */
    public function possible(): array
    {
        return match ($this) {
            self::Temperature => [-2.0, 100.0],
            self::Ph => [0.0, 14.0],
            self::Conductivity => [0.0, 100000.0],
            self::Salinity => [0.0, 300.0],
            self::CarbonateHardness, self::GeneralHardness => [0.0, 1000.0],
            default => [0.0, 5000.0],
        };
    }

    /** @return array{float, float} outside this range a value is asked about. Judgement. */
    public function plausible(): array
    {
        return match ($this) {
            self::Temperature => [0.0, 38.0],
            self::Ph => [4.0, 9.8],
            self::Ammonia => [0.0, 10.0],
            self::Nitrite => [0.0, 30.0],
            self::Nitrate => [0.0, 400.0],
            self::CarbonateHardness => [0.0, 30.0],
            self::GeneralHardness => [0.0, 45.0],
            self::Conductivity => [5.0, 60000.0],
            self::Salinity => [0.0, 45.0],
            self::Oxygen => [0.5, 20.0],
            self::Copper => [0.0, 2.0],
            self::Chlorine => [0.0, 5.0],
            self::Phosphate => [0.0, 20.0],
        };
    }
}
