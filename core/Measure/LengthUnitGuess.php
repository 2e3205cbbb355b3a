<?php

declare(strict_types=1);

namespace Biomegas\Measure;

/**
 * In which unit a column of bare numbers is. Lengths of fish lie between a
 * fortieth of their adult length and a little above it; a unit that makes most
 * of a column so is possible. Judgement, no published source.
 */
final readonly class LengthUnitGuess
{
    private const LEAST_GROWN = 0.025;

    private const MOST_GROWN = 1.2;

    /** Of the numbers: the rest may be slips. */
    private const MOST_OF_THEM = 0.8;

    /**
     * @param  list<array{float, float}>  $numbers  as typed, each with the adult length of its species in millimetres
     * @param  LengthUnit  $usual  of the facility, where several are possible
     * @return array{LengthUnit, bool} and whether another one is possible, too
     */
    public static function of(array $numbers, LengthUnit $usual): array
    {
        $possible = array_values(array_filter([LengthUnit::Centimetre, LengthUnit::Inch, LengthUnit::Millimetre], fn (LengthUnit $unit): bool => self::fits($numbers, $unit)));
        if ($numbers === [] || $possible === []) {
            return [$usual, true];
        }

        return [in_array($usual, $possible, true) ? $usual : $possible[0], count($possible) > 1];
    }

    /** @param  list<array{float, float}>  $numbers */
    private static function fits(array $numbers, LengthUnit $unit): bool
    {
        $fitting = array_filter($numbers, function (array $number) use ($unit): bool {
            $grown = $number[0] * $unit->millimetres() / $number[1];

            return $grown >= self::LEAST_GROWN && $grown <= self::MOST_GROWN;
        });

        return count($fitting) >= self::MOST_OF_THEM * count($numbers);
    }
}
