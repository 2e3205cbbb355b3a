<?php

declare(strict_types=1);

namespace Biomegas\Water\Test;

use Biomegas\Facility\LengthKind;
use Biomegas\Facility\Span;
use Biomegas\Facility\Species;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Number;
use Biomegas\Measure\Share;
use Biomegas\Measure\Temperature;
use Biomegas\Measure\TemperatureSpan;
use Biomegas\Water\Nitrite;
use Biomegas\Water\Oxygen;
use Biomegas\Water\UnionisedAmmonia;

/**
 * What the last values say that a keeper should act on. Limits are common
 * practice without a published source where nothing else is said.
 */
final readonly class Alarms
{
    /** °dH below which the pH can fall in days. */
    private const LEAST_CARBONATE = 2.0;

    private const OXYGEN_WATCH = 5.5;

    private const SATURATION_WATCH = 0.7;

    /** mg/l where rays or invertebrates live, and for other fish. */
    private const COPPER_SENSITIVE = 0.03;

    private const COPPER = 0.2;

    private const CHLORINE = 0.02;

    private const PHOSPHATE = 2.0;

    /**
     * @param  list<Species>  $residents
     * @param  float|null  $ph  usual in this system
     * @param  float|null  $celsius  expected today
     */
    public function __construct(
        private WaterNow $now,
        private array $residents,
        private float $nitrateTarget,
        private ?float $ph,
        private ?float $celsius,
    ) {
    }

    /** @return list<Alarm> urgent ones first */
    public function all(): array
    {
        $alarms = array_values(array_filter([
            $this->temperature(), $this->oxygen(), $this->ammonia(), $this->nitrite(), $this->chlorine(), $this->copper(),
            $this->carbonate(), $this->nitrate(), $this->phosphate(),
        ]));
        usort($alarms, fn (Alarm $a, Alarm $b): int => $b->isUrgent <=> $a->isUrgent);

        return $alarms;
    }

    private function temperature(): ?Alarm
    {
        $celsius = $this->now->value(Quantity::Temperature);
        if ($celsius === null) {
            return null;
        }
        foreach ($this->residents as $species) {
            $range = $species->keepingRange;
            if ($range !== null && $celsius < $range->low) {
                return Alarm::urgent(Quantity::Temperature, $this->outside('cold', $celsius, $species, $range), Finding::of('alarm.warm_up'));
            }
            if ($range !== null && $celsius > $range->high) {
                return Alarm::urgent(Quantity::Temperature, $this->outside('warm', $celsius, $species, $range), Finding::of('alarm.cool_down'));
            }
        }

        return null;
    }

    private function outside(string $side, float $celsius, Species $species, Span $range): Finding
    {
        return Finding::of(
            'alarm.temperature',
            there: Temperature::ofCelsius($celsius), side: $side, species: lcfirst($species->commonName), kept: TemperatureSpan::ofCelsius($range->low, $range->high),
        );
    }

    private function oxygen(): ?Alarm
    {
        $oxygen = $this->now->value(Quantity::Oxygen);
        $saturation = $this->now->oxygenSaturation($this->celsius);
        if ($oxygen === null || ($oxygen >= self::OXYGEN_WATCH && ($saturation ?? 1.0) >= self::SATURATION_WATCH)) {
            return null;
        }
        $finding = $saturation === null
            ? Finding::of('alarm.oxygen', there: $this->there(Quantity::Oxygen))
            : Finding::of('alarm.oxygen_of_saturation', there: $this->there(Quantity::Oxygen), share: Share::of($saturation));

        return $oxygen < Oxygen::TROUBLE
            ? Alarm::urgent(Quantity::Oxygen, $finding, Finding::of('alarm.air_now'))
            : Alarm::watch(Quantity::Oxygen, $finding, Finding::of('alarm.add_air'));
    }

    private function ammonia(): ?Alarm
    {
        $free = $this->now->unionisedAmmonia($this->ph, $this->celsius);
        if ($free === null || $free < UnionisedAmmonia::CAUTION) {
            return null;
        }
        $finding = Finding::of('alarm.ammonia', there: $this->there(Quantity::Ammonia), harmful: Number::of(round($free, 3)));

        return $free >= UnionisedAmmonia::HARM
            ? Alarm::urgent(Quantity::Ammonia, $finding, Finding::of('alarm.ammonia_harms'))
            : Alarm::watch(Quantity::Ammonia, $finding, Finding::of('alarm.ammonia_watch'));
    }

    private function nitrite(): ?Alarm
    {
        $nitrite = $this->now->value(Quantity::Nitrite);
        if ($nitrite === null || $nitrite < Nitrite::CAUTION) {
            return null;
        }
        $finding = Finding::of('alarm.nitrite', there: $this->there(Quantity::Nitrite));

        return $nitrite >= Nitrite::HARM
            ? Alarm::urgent(Quantity::Nitrite, $finding, Finding::of('alarm.nitrite_harms'))
            : Alarm::watch(Quantity::Nitrite, $finding, Finding::of('alarm.nitrite_watch'));
    }

    private function chlorine(): ?Alarm
    {
        return ($this->now->value(Quantity::Chlorine) ?? 0.0) < self::CHLORINE
            ? null
            : Alarm::urgent(Quantity::Chlorine, Finding::of('alarm.chlorine', there: $this->there(Quantity::Chlorine)), Finding::of('alarm.dechlorinate'));
    }

    private function copper(): ?Alarm
    {
        $copper = $this->now->value(Quantity::Copper) ?? 0.0;
        if ($copper < self::COPPER_SENSITIVE) {
            return null;
        }
        $there = $this->there(Quantity::Copper);
        $isSensitive = array_filter($this->residents, fn (Species $species): bool => $species->lengthKind === LengthKind::Disc) !== [];

        return match (true) {
            $isSensitive => Alarm::urgent(Quantity::Copper, Finding::of('alarm.copper_with_rays', there: $there), Finding::of('alarm.copper_out')),
            $copper >= self::COPPER => Alarm::urgent(Quantity::Copper, Finding::of('alarm.copper', there: $there), Finding::of('alarm.copper_out')),
            default => Alarm::watch(Quantity::Copper, Finding::of('alarm.copper_before_rays', there: $there), Finding::of('alarm.copper_look')),
        };
    }

    private function carbonate(): ?Alarm
    {
        $hardness = $this->now->value(Quantity::CarbonateHardness);

        return $hardness === null || $hardness >= self::LEAST_CARBONATE
            ? null
            : Alarm::watch(Quantity::CarbonateHardness, Finding::of('alarm.carbonate', there: $this->there(Quantity::CarbonateHardness)), Finding::of('alarm.buffer'));
    }

    private function nitrate(): ?Alarm
    {
        $nitrate = $this->now->value(Quantity::Nitrate);

        return $nitrate === null || $nitrate <= $this->nitrateTarget
            ? null
            : Alarm::watch(
                Quantity::Nitrate,
                Finding::of('alarm.nitrate', there: $this->there(Quantity::Nitrate), target: WaterValue::of(Quantity::Nitrate, $this->nitrateTarget)),
                Finding::of('alarm.change_more'),
            );
    }

    private function phosphate(): ?Alarm
    {
        return ($this->now->value(Quantity::Phosphate) ?? 0.0) <= self::PHOSPHATE
            ? null
            : Alarm::watch(Quantity::Phosphate, Finding::of('alarm.phosphate', there: $this->there(Quantity::Phosphate)), Finding::of('alarm.feed_less'));
    }

    private function there(Quantity $quantity): WaterValue
    {
        return WaterValue::of($quantity, $this->now->value($quantity) ?? 0.0);
    }
}
