<?php

declare(strict_types=1);

namespace Biomegas\Water\Test;

use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\UnitSystem;
use Biomegas\Water\Nitrogen;

/**
 * Reads a value of a water test as a keeper types it: "78 F", "0.25 ppm",
 * "0.2 mg/l N", "120 ppm" of hardness, "1.025" of salt, or a bare number in the usual unit.
 */
final readonly class ValueReader
{
    /** mg/l of calcium carbonate in a German degree: 10 mg/l CaO, by molar masses 100.087 and 56.077. */
    private const CARBONATE_PER_DEGREE = 10 * 100.087 / 56.077;

    /** Degrees in a milliequivalent. */
    private const DEGREES_PER_MEQ = 50.0435 / self::CARBONATE_PER_DEGREE;

    public function __construct(private UnitSystem $units)
    {
    }

    /**
     * @return float in the unit of the quantity
     *
     * @throws InvalidEntry naming the quantity and what to type
     */
    public function read(Quantity $quantity, string $typed): float
    {
        if (preg_match('/^\s*(?<number>[-−]?\s*(?:\d+(?:[.,]\d+)?|[.,]\d+))\s*(?<unit>.{0,20})$/u', $typed, $part) !== 1) {
            throw InvalidEntry::because($quantity->value, Finding::of('value.unreadable', typed: $typed, quantity: $quantity));
        }
        $number = (float) str_replace([',', '−', ' '], ['.', '-', ''], $part['number']);
        $unit = mb_strtolower((string) preg_replace('/^[\s°]+|[\s.]+$/u', '', str_replace('μ', 'µ', $part['unit'])));
        $value = $this->convert($quantity, $number, $unit)
            ?? throw InvalidEntry::because($quantity->value, Finding::of('value.unknown_unit', unit: $part['unit'], quantity: $quantity));
        [$least, $most] = $quantity->possible();
        if ($value < $least) {
            throw InvalidEntry::because($quantity->value, $least === 0.0 ? Finding::of('value.below_zero', quantity: $quantity) : Finding::of('value.too_cold', quantity: $quantity));
        }
        if ($value > $most) {
            throw InvalidEntry::because($quantity->value, Finding::of('value.too_high', quantity: $quantity, most: WaterValue::of($quantity, $most)));
        }

        return $value;
    }

    private function convert(Quantity $quantity, float $number, string $unit): ?float
    {
        return match ($quantity) {
            Quantity::Temperature => $this->temperature($number, $unit),
            Quantity::Ph => in_array($unit, ['', 'ph'], true) ? $number : null,
            Quantity::CarbonateHardness, Quantity::GeneralHardness => self::hardness($number, $unit),
            Quantity::Conductivity => match ($unit) {
                '', 'µs', 'us', 'µs/cm', 'us/cm' => $number,
                'ms', 'ms/cm' => 1000 * $number,
                default => null,
            },
            Quantity::Salinity => $unit === '' && Salt::isGravity($number) ? Salt::ofGravity($number) : match ($unit) {
                '', 'ppt', 'g/l', 'g/kg', '‰', 'psu' => $number,
                '%' => 10 * $number,
                'sg', 'gravity' => Salt::ofGravity($number),
                'ms', 'ms/cm' => Salt::ofConductivity($number),
                'µs', 'us', 'µs/cm', 'us/cm' => Salt::ofConductivity($number / 1000),
                default => null,
            },
            Quantity::Ammonia => self::concentration($number, $unit, Nitrogen::Ammonia),
            Quantity::Nitrite => self::concentration($number, $unit, Nitrogen::Nitrite),
            Quantity::Nitrate => self::concentration($number, $unit, Nitrogen::Nitrate),
            default => self::concentration($number, $unit, null),
        };
    }

    private function temperature(float $number, string $unit): ?float
    {
        return match (true) {
            in_array($unit, ['f', 'fahrenheit'], true), $unit === '' && $this->units === UnitSystem::Us => ($number - 32) * 5 / 9,
            in_array($unit, ['', 'c', 'celsius'], true) => $number,
            default => null,
        };
    }

    private static function hardness(float $number, string $unit): ?float
    {
        return match ($unit) {
            '', 'dh', 'dgh', 'dkh', 'd' => $number,
            'ppm', 'mg/l', 'mg/l caco3', 'ppm caco3' => $number / self::CARBONATE_PER_DEGREE,
            'meq', 'meq/l', 'mmol/l' => $number * self::DEGREES_PER_MEQ,
            default => null,
        };
    }

    private static function concentration(float $number, string $unit, ?Nitrogen $compound): ?float
    {
        // "mg/l N", "ppm NO3-N": the kit reports nitrogen.
        if ($compound !== null && preg_match('/^(?<unit>.*?)\s*(?:n[ho][234]-)?n$/', $unit, $part) === 1) {
            $amount = self::concentration($number, $part['unit'], null);

            return $amount === null ? null : $compound->asIon($amount);
        }

        return match ($unit) {
            '', 'mg/l', 'mgl', 'mg', 'ppm' => $number,
            'µg/l', 'ug/l', 'µg', 'ug', 'ppb' => $number / 1000,
            default => null,
        };
    }
}
