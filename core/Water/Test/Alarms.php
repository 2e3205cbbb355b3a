<?php

declare(strict_types=1);

namespace Biomegas\Water\Test;

use Biomegas\Facility\LengthKind;
use Biomegas\Facility\Species;
use Biomegas\Measure\Spoken;
use Biomegas\Water\Oxygen;
use Biomegas\Water\UnionisedAmmonia;

/**
 * What the last values say that a keeper should act on. Limits are common
 * practice without a published source where nothing else is said.
 */
final readonly class Alarms
{
    /** mg/l of the ion. */
    private const NITRITE_WATCH = 0.3;

    private const NITRITE_URGENT = 1.0;

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
        private Spoken $spoken,
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
        foreach ($this->residents as $kind) {
            $range = $kind->keepingRange;
            if ($range !== null && ($celsius < $range->low || $celsius > $range->high)) {
                $name = lcfirst($kind->commonName);
                $which = $celsius < $range->low ? 'too cold' : 'too warm';

                return Alarm::urgent(Quantity::Temperature, "At {$this->spoken->temperature($celsius)} it is {$which} for the {$name}, which is kept at {$this->spoken->temperatures($range->low, $range->high)}.", $celsius < $range->low
                    ? 'Look at heater and cable first, power off at the plug before your hands go in. Warm the water by no more than one degree an hour.'
                    : 'Add air, open the lid, stop feeding; cool with water changes by no more than one degree an hour.');
            }
        }

        return null;
    }

    private function oxygen(): ?Alarm
    {
        $oxygen = $this->now->value(Quantity::Oxygen);
        $saturation = $this->now->oxygenSaturation($this->celsius);
        if ($oxygen === null || ($oxygen >= self::OXYGEN_WATCH && ($saturation ?? 1.0) >= self::SATURATION_WATCH)) {
            return null;
        }
        $share = $saturation === null ? '' : ', '.round(100 * $saturation).' % of what it could hold';
        $sentence = "Oxygen is {$this->said(Quantity::Oxygen)}{$share}.";

        return $oxygen < Oxygen::TROUBLE
            ? Alarm::urgent(Quantity::Oxygen, $sentence, 'Air now: a pump with a stone, or pour water from a height. Stop feeding and look for what is rotting.')
            : Alarm::watch(Quantity::Oxygen, $sentence, 'Add air and movement at the surface, and measure again at first light, when it is lowest.');
    }

    private function ammonia(): ?Alarm
    {
        $free = $this->now->unionisedAmmonia($this->ph, $this->celsius);
        if ($free === null || $free < UnionisedAmmonia::CAUTION) {
            return null;
        }
        $figure = number_format($free, 3, '.', '');
        $sentence = "Ammonia is {$this->said(Quantity::Ammonia)}; at this pH and warmth {$figure} mg/l of its nitrogen is the harmful part.";

        return $free >= UnionisedAmmonia::HARM
            ? Alarm::urgent(Quantity::Ammonia, $sentence, 'Change half the water with water of the same temperature, stop feeding, and test again in two hours. Let nothing raise the pH.')
            : Alarm::watch(Quantity::Ammonia, $sentence, 'Feed sparingly, change a quarter of the water, test daily, and leave the filter alone.');
    }

    private function nitrite(): ?Alarm
    {
        $nitrite = $this->now->value(Quantity::Nitrite);
        if ($nitrite === null || $nitrite < self::NITRITE_WATCH) {
            return null;
        }
        $sentence = "Nitrite is {$this->said(Quantity::Nitrite)}; it should be none.";

        return $nitrite >= self::NITRITE_URGENT
            ? Alarm::urgent(Quantity::Nitrite, $sentence, 'Change half the water, stop feeding, add air. Salt lessens the harm for kinds that bear it: follow a vet or a handbook for the dose.')
            : Alarm::watch(Quantity::Nitrite, $sentence, 'Feed sparingly, change a quarter of the water and test daily until it is gone twice running.');
    }

    private function chlorine(): ?Alarm
    {
        return ($this->now->value(Quantity::Chlorine) ?? 0.0) < self::CHLORINE
            ? null
            : Alarm::urgent(Quantity::Chlorine, "There is chlorine in the water: {$this->said(Quantity::Chlorine)}.", 'Add a dechlorinator by its label now, and to every refill of tap water before it goes in.');
    }

    private function copper(): ?Alarm
    {
        $copper = $this->now->value(Quantity::Copper) ?? 0.0;
        $isSensitive = array_filter($this->residents, fn (Species $kind): bool => $kind->lengthKind === LengthKind::Disc) !== [];
        if ($copper < self::COPPER_SENSITIVE) {
            return null;
        }
        $sentence = "Copper is {$this->said(Quantity::Copper)}.";

        return $isSensitive || $copper >= self::COPPER
            ? Alarm::urgent(Quantity::Copper, $sentence.($isSensitive ? ' Rays and invertebrates do not bear it.' : ''), 'Find where it comes from (pipes, a medicine), change water and run fresh activated carbon.')
            : Alarm::watch(Quantity::Copper, $sentence.' Rays and invertebrates would not bear it.', 'Put none in before it is gone; look for new copper pipes.');
    }

    private function carbonate(): ?Alarm
    {
        $hardness = $this->now->value(Quantity::CarbonateHardness);

        return $hardness === null || $hardness >= self::LEAST_CARBONATE
            ? null
            : Alarm::watch(Quantity::CarbonateHardness, "Carbonate hardness is {$this->said(Quantity::CarbonateHardness)}: little is left to hold the pH.", 'Change water, or add a buffer slowly; every mg/l of ammonia nitrogen that the filter turns over takes 0.4 °dH.');
    }

    private function nitrate(): ?Alarm
    {
        $nitrate = $this->now->value(Quantity::Nitrate);

        return $nitrate === null || $nitrate <= $this->nitrateTarget
            ? null
            : Alarm::watch(Quantity::Nitrate, "Nitrate is {$this->said(Quantity::Nitrate)}, above the {$this->nitrateTarget} mg/l aimed at.", 'Change more each week until it is down; below is how much and for how long.');
    }

    private function phosphate(): ?Alarm
    {
        return ($this->now->value(Quantity::Phosphate) ?? 0.0) <= self::PHOSPHATE
            ? null
            : Alarm::watch(Quantity::Phosphate, "Phosphate is {$this->said(Quantity::Phosphate)}: algae will follow.", 'Feed less, clean out sludge and change water.');
    }

    private function said(Quantity $quantity): string
    {
        return $quantity->said($this->now->value($quantity) ?? 0.0);
    }
}
