<?php

declare(strict_types=1);

namespace Biomegas\Measure;

/** Measures as they are said in a sentence, in the units of a facility. */
final readonly class Spoken
{
    /** From here on in metres or feet. */
    private const LONG_MM = 2500.0;

    public function __construct(private UnitSystem $units)
    {
    }

    /** Length of a fish or a home: "45 cm", "17.7 in". */
    public function length(float $millimetres): string
    {
        return match (true) {
            $this->units !== UnitSystem::Metric => $millimetres >= self::LONG_MM
                ? number_format($millimetres / 304.8, 1, '.', '').' ft'
                : number_format($millimetres / 25.4, 1, '.', '').' in',
            $millimetres >= self::LONG_MM => number_format($millimetres / 1000, 1, '.', '').' m',
            default => number_format($millimetres / 10, $millimetres < 100 ? 1 : 0, '.', '').' cm',
        };
    }

    /** Two sides in one unit: "120 by 50 cm", "6.5 by 2.4 m". */
    public function sides(float $length, float $width): string
    {
        [$perUnit, $unit, $decimals] = match (true) {
            $this->units !== UnitSystem::Metric => $length >= self::LONG_MM ? [304.8, 'ft', 1] : [25.4, 'in', 0],
            $length >= self::LONG_MM => [1000.0, 'm', 1],
            default => [10.0, 'cm', 0],
        };

        return number_format($length / $perUnit, $decimals, '.', '').' by '.number_format($width / $perUnit, $decimals, '.', '')." {$unit}";
    }

    /** Floor area: "0.9 m²", "9.7 sq ft". */
    public function area(float $squareMillimetres): string
    {
        return $this->units === UnitSystem::Metric
            ? number_format($squareMillimetres / 1e6, 2, '.', '').' m²'
            : number_format($squareMillimetres / 304.8 ** 2, 1, '.', '').' sq ft';
    }

    public function litres(float $litres): string
    {
        $unit = $this->units->volumeUnit();

        return number_format($litres / $unit->litres(), 0, '.', ' ')." {$unit->value}";
    }

    public function temperature(float $celsius): string
    {
        return $this->units === UnitSystem::Metric
            ? self::bare($celsius).' °C'
            : number_format($celsius * 9 / 5 + 32, 0, '.', '').' °F';
    }

    public function temperatures(float $low, float $high): string
    {
        return $this->units === UnitSystem::Metric
            ? self::bare($low).' to '.self::bare($high).' °C'
            : number_format($low * 9 / 5 + 32, 0, '.', '').' to '.number_format($high * 9 / 5 + 32, 0, '.', '').' °F';
    }

    /** @param  list<string>  $things  "a lid, sand and hides" */
    public static function list(array $things): string
    {
        $last = (string) array_pop($things);

        return $things === [] ? $last : implode(', ', $things)." and {$last}";
    }

    /** Without needless zeros: 25, 25.5. */
    public static function bare(float $value): string
    {
        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');
    }

    /** Numbers up to twelve as words. */
    public static function number(int $n): string
    {
        return ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'][$n] ?? (string) $n;
    }
}
