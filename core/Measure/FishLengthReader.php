<?php

declare(strict_types=1);

namespace Biomegas\Measure;

/**
 * Reads the length of a fish as a keeper types it: "9.5 in", "9 1/2\"",
 * "1' 2\"", "24cm", "240 mm", "9½", or a bare number in the facility's unit.
 */
final readonly class FishLengthReader
{
    /** Just hatched; anything less is a slip of the unit. */
    private const SHORTEST_MM = 1.0;

    /** Longer than any fish kept in a tank, vat or pond; anything more is a slip of the unit. */
    private const LONGEST_MM = 6000.0;

    private const LONGEST_ENTRY = 40;

    private const VULGAR_FRACTIONS = [
        '½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅓' => ' 1/3', '⅔' => ' 2/3',
        '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8',
    ];

    private const NUMBER = '(?:(?<whole>\d+)\s+)?(?<over>\d+)\s*\/\s*(?<under>\d+)|(?<decimal>\d+(?:[.,]\d+)?|[.,]\d+)';

    public function __construct(private UnitSystem $units)
    {
    }

    /** @throws UnreadableLength with a sentence that says what to do */
    public function read(string $typed): Length
    {
        $text = trim(strtr($typed, self::VULGAR_FRACTIONS));
        if ($text === '') {
            throw UnreadableLength::becauseNothingWasTyped();
        }
        if (mb_strlen($text) > self::LONGEST_ENTRY) {
            throw UnreadableLength::becauseItIsNoLength(mb_substr($text, 0, self::LONGEST_ENTRY).'…');
        }
        if (preg_match('/^[-−]\s*[\d.,]/u', $text) === 1) {
            throw UnreadableLength::becauseItIsNotPositive();
        }

        return $this->plausible($this->readFeetAndInches($text) ?? $this->readOneMeasure($text));
    }

    /** "1' 2 1/2\"" or "1 ft 2"; null when the text is not of that form. */
    private function readFeetAndInches(string $text): ?float
    {
        $pattern = '/^(?<feet>\d+)\s*(?:\'|′|’|ft\.?|feet|foot)\s*(?:'.self::NUMBER.')\s*(?:"|″|”|\'\'|in\.?|inch|inches)?$/iu';
        if (preg_match($pattern, $text, $match) !== 1) {
            return null;
        }

        return $match['feet'] * LengthUnit::Foot->millimetres()
            + $this->number($match, $text) * LengthUnit::Inch->millimetres();
    }

    private function readOneMeasure(string $text): float
    {
        if (preg_match('/^(?:'.self::NUMBER.')\s*(?<unit>[^\d\s.,\/][^\d]*)?$/iu', $text, $match) !== 1) {
            throw UnreadableLength::becauseItIsNoLength($text);
        }
        $word = trim($match['unit'] ?? '');
        $unit = $word === '' ? $this->units->lengthUnit() : LengthUnit::fromWord($word);
        if ($unit === null) {
            throw UnreadableLength::becauseTheUnitIsUnknown($word);
        }

        return $this->number($match, $text) * $unit->millimetres();
    }

    /** @param  array<array-key, string>  $match named groups of NUMBER */
    private function number(array $match, string $text): float
    {
        if (($match['decimal'] ?? '') !== '') {
            return (float) str_replace(',', '.', $match['decimal']);
        }
        if ((int) $match['under'] === 0) {
            throw UnreadableLength::becauseItIsNoLength($text);
        }

        return (int) $match['whole'] + (int) $match['over'] / (int) $match['under'];
    }

    private function plausible(float $millimetres): Length
    {
        if ($millimetres <= 0.0) {
            throw UnreadableLength::becauseItIsNotPositive();
        }
        $length = Length::ofMillimetres($millimetres);
        if ($millimetres < self::SHORTEST_MM) {
            throw UnreadableLength::becauseNoFishIsThatSmall($length);
        }
        if ($millimetres > self::LONGEST_MM) {
            throw UnreadableLength::becauseNoFishIsThatLong($length);
        }

        return $length;
    }
}
