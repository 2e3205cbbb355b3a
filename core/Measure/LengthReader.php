<?php

declare(strict_types=1);

namespace Biomegas\Measure;

/** Reads any length as a keeper types it, in millimetres; what is plausible is the caller's to say. */
final readonly class LengthReader
{
    private const LONGEST_ENTRY = 40;

    private const VULGAR_FRACTIONS = [
        '½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅓' => ' 1/3', '⅔' => ' 2/3',
        '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8',
    ];

    private const NUMBER = '(?:(?<whole>\d+)\s+)?(?<over>\d+)\s*\/\s*(?<under>\d+)|(?<decimal>\d+(?:[.,]\d+)?|[.,]\d+)';

    public function __construct(private UnitSystem $units)
    {
    }

    /**
     * @return float millimetres, above zero
     *
     * @throws UnreadableLength with a sentence that says what to do
     */
    public function read(string $typed): float
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

        $millimetres = $this->readFeetAndInches($text) ?? $this->readOneMeasure($text);

        return $millimetres > 0.0 ? $millimetres : throw UnreadableLength::becauseItIsNotPositive();
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
}
