<?php

declare(strict_types=1);

namespace App\Language;

use Biomegas\Finding\Figure;
use Biomegas\Measure\Area;
use Biomegas\Measure\LeastShare;
use Biomegas\Measure\Length;
use Biomegas\Measure\Mass;
use Biomegas\Measure\MeasuredFigure;
use Biomegas\Measure\Number;
use Biomegas\Measure\Portioned;
use Biomegas\Measure\Share;
use Biomegas\Measure\Sides;
use Biomegas\Measure\Temperature;
use Biomegas\Measure\TemperatureSpan;
use Biomegas\Measure\Times;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnitSystem;
use Biomegas\Measure\Volume;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterValue;
use LogicException;

/** Writes figures in the units of a facility: every figure that a keeper reads goes through here. */
final readonly class MeasureFormatter
{
    private const MM_PER_INCH = 25.4;

    private const MM_PER_FOOT = 304.8;

    private const GRAMS_PER_OUNCE = 28.349523125;

    /** From here on in kilograms. */
    private const HEAVY_GRAMS = 1000.0;

    /** Less is weighed to the gram, more to five. */
    private const LIGHT_GRAMS = 20.0;

    /** From here on in metres or feet. */
    private const LONG_MM = 2500.0;

    /** Shares that have a name: a share that must be reached is rounded up to one, if one is near. */
    private const NAMED_SHARES = ['twentieth' => 0.05, 'tenth' => 0.1, 'fifth' => 0.2, 'quarter' => 0.25, 'third' => 1 / 3, 'half' => 0.5, 'two_thirds' => 2 / 3, 'three_quarters' => 0.75];

    private const NEAR_SHARE = 0.045;

    private const MOST_FINER = 3;

    /** Of a figure: two that differ by less are one, worked out in two ways. */
    private const SAME = 1e-6;

    /** Less is not worth measuring out. */
    private const LEAST_SHARE = 0.05;

    public function __construct(
        private Units $units,
        private Catalogue $catalogue,
    ) {
    }

    /**
     * Those of one sentence: two that differ never read alike, and what is there never reads as nothing.
     *
     * @param  array<string, Figure>  $figures
     * @return array<string, string>
     */
    public function writeTogether(array $figures): array
    {
        $written = array_map($this->write(...), $figures);
        for ($finer = 1; $finer <= self::MOST_FINER && self::hidesADifference($figures, $written); $finer++) {
            $written = array_map(fn (Figure $figure): string => $this->write($figure, $finer), $figures);
        }

        return $written;
    }

    /**
     * @param  array<string, Figure>  $figures
     * @param  array<string, string>  $written
     */
    private static function hidesADifference(array $figures, array $written): bool
    {
        foreach ($figures as $name => $figure) {
            $size = self::size($figure);
            if ($size === null) {
                continue;
            }
            if ($size > 0.0 && (float) $written[$name] === 0.0) {
                return true;
            }
            foreach ($figures as $other => $second) {
                if ($second::class === $figure::class && $written[$other] === $written[$name] && abs((float) self::size($second) - $size) > self::SAME * $size) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Of a figure that can be written more finely; null: it cannot. */
    private static function size(Figure $figure): ?float
    {
        return match (true) {
            $figure instanceof Length => $figure->millimetres(),
            $figure instanceof Area => $figure->squareMillimetres,
            $figure instanceof Volume => $figure->litres,
            default => null,
        };
    }

    public function write(Figure $figure, int $finer = 0): string
    {
        return match (true) {
            $figure instanceof Length => $this->length($figure->millimetres(), $finer),
            $figure instanceof MeasuredFigure => $this->measured($figure->length),
            $figure instanceof Sides => $this->sides($figure),
            $figure instanceof Area => $this->area($figure->squareMillimetres, $finer),
            $figure instanceof Volume => $this->volume($figure->litres, $finer),
            $figure instanceof Portioned => $this->portion($figure->litres),
            $figure instanceof Temperature => $this->temperature($figure->celsius),
            $figure instanceof TemperatureSpan => $this->temperatures($figure),
            $figure instanceof Mass => $this->mass($figure->grams),
            $figure instanceof Share => round(100 * $figure->share).' %',
            $figure instanceof Times => number_format($figure->factor, 1, '.', '').' '.$this->catalogue->message('joint.times', []),
            $figure instanceof LeastShare => $this->leastShare($figure->share),
            $figure instanceof Number => self::number($figure->value),
            $figure instanceof WaterValue => $this->waterValue($figure),
            default => throw new LogicException($figure::class.' has no way to be written.'),
        };
    }

    /** Of a fish or a home: "45 cm", "17.7 in", "5.8 m". */
    private function length(float $millimetres, int $finer): string
    {
        return match (true) {
            $this->units->length !== UnitSystem::Metric => $millimetres >= self::LONG_MM
                ? number_format($millimetres / self::MM_PER_FOOT, 1 + $finer, '.', '').' ft'
                : number_format($millimetres / self::MM_PER_INCH, ($millimetres < 25 ? 2 : 1) + $finer, '.', '').' in',
            $millimetres >= self::LONG_MM => number_format($millimetres / 1000, 1 + $finer, '.', '').' m',
            default => number_format($millimetres / 10, ($millimetres < 10 ? 2 : ($millimetres < 100 ? 1 : 0)) + $finer, '.', '').' cm',
        };
    }

    /** To the tenth: "30.4 cm", "12.0 in". */
    private function measured(Length $length): string
    {
        $unit = $this->units->length->lengthUnit();

        return number_format($length->in($unit), 1, '.', '')." {$unit->value}";
    }

    /** In one unit: "120 by 50 cm", "6.5 by 2.4 m". */
    private function sides(Sides $sides): string
    {
        [$perUnit, $unit, $decimals] = match (true) {
            $this->units->length !== UnitSystem::Metric => $sides->length >= self::LONG_MM ? [self::MM_PER_FOOT, 'ft', 1] : [self::MM_PER_INCH, 'in', 0],
            $sides->length >= self::LONG_MM => [1000.0, 'm', 1],
            default => [10.0, 'cm', 0],
        };

        return $this->catalogue->message('joint.sides', [
            'length' => number_format($sides->length / $perUnit, $decimals, '.', ''),
            'width' => number_format($sides->width / $perUnit, $decimals, '.', ''),
            'unit' => $unit,
        ]);
    }

    /** "0.90 m²", "9.7 sq ft" */
    private function area(float $squareMillimetres, int $finer): string
    {
        return $this->units->length === UnitSystem::Metric
            ? number_format($squareMillimetres / 1e6, 2 + $finer, '.', '').' m²'
            : number_format($squareMillimetres / self::MM_PER_FOOT ** 2, 1 + $finer, '.', '').' sq ft';
    }

    private function volume(float $litres, int $finer): string
    {
        $unit = $this->units->volume->volumeUnit();

        return number_format($litres / $unit->litres(), $finer, '.', Catalogue::THIN_SPACE)." {$unit->value}";
    }

    /** Small enough to pour: "4.2 l", "1.1 gal". */
    private function portion(float $litres): string
    {
        $unit = $this->units->volume->volumeUnit();
        $amount = $litres / $unit->litres();

        return number_format($amount, $amount < 10 ? 1 : 0, '.', '')." {$unit->value}";
    }

    /** To be weighed out on a kitchen scale: "3 g", "140 g", "1.2 kg", "2.5 oz". */
    private function mass(float $grams): string
    {
        return match (true) {
            $this->units->mass === UnitSystem::Us => self::number(round($grams / self::GRAMS_PER_OUNCE, 1)).' oz',
            $grams >= self::HEAVY_GRAMS => self::number(round($grams / 1000, 1)).' kg',
            $grams < self::LIGHT_GRAMS => self::number(round($grams)).' g',
            default => 5 * round($grams / 5).' g',
        };
    }

    private function temperature(float $celsius): string
    {
        return $this->degrees($celsius).$this->degree();
    }

    private function temperatures(TemperatureSpan $span): string
    {
        return $this->catalogue->message('joint.span', ['low' => $this->degrees($span->low), 'high' => $this->degrees($span->high)]).$this->degree();
    }

    private function degrees(float $celsius): string
    {
        return $this->units->temperature === UnitSystem::Us ? number_format($celsius * 9 / 5 + 32, 0, '.', '') : self::number(round($celsius, 1));
    }

    private function degree(): string
    {
        return $this->units->temperature === UnitSystem::Us ? ' °F' : ' °C';
    }

    /** "a third", "40 %" */
    private function leastShare(float $share): string
    {
        $share = max($share, self::LEAST_SHARE);
        foreach (self::NAMED_SHARES as $name => $named) {
            if ($share <= $named + 1e-9 && $share > $named - self::NEAR_SHARE) {
                return $this->catalogue->message("share.{$name}");
            }
        }

        return $share > 0.95 ? $this->catalogue->message('share.all') : ceil(20 * $share) * 5 .' %';
    }

    /** Without needless zeros: "25", "25.5", "0.041". */
    private static function number(float $value): string
    {
        $figure = number_format($value, 5, '.', '');

        return rtrim(rtrim($figure, '0'), '.');
    }

    /** "0.25 mg/l", "pH 7.2", "77 °F" */
    private function waterValue(WaterValue $told): string
    {
        if ($told->quantity === Quantity::Temperature) {
            return $this->temperature($told->value);
        }
        $value = $told->value;
        $decimals = match (true) {
            $value === 0.0 => 0,
            abs($value) < 1 => 2,
            abs($value) < 100 => 1,
            default => 0,
        };
        $figure = number_format($value, $decimals, '.', Catalogue::THIN_SPACE);
        $bare = str_contains($figure, '.') ? rtrim(rtrim($figure, '0'), '.') : $figure;

        return $told->quantity === Quantity::Ph ? "pH {$bare}" : "{$bare} {$told->quantity->unit()}";
    }
}
