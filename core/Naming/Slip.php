<?php

declare(strict_types=1);

namespace Biomegas\Naming;

/** Slips of the finger: what was typed, taken for a word or a name that is known. How many are forgiven is our judgement; no published source. */
final readonly class Slip
{
    /** Shorter words are not guessed at. */
    private const GUESSED_FROM = 4;

    /** From this length on two slips are forgiven. */
    private const TWO_SLIPS_FROM = 8;

    private const MOST_NAMES = 3;

    /** How many slips apart two words may be to be taken for one another. */
    public static function forgiven(string $typed): int
    {
        return match (true) {
            strlen($typed) < self::GUESSED_FROM => 0,
            strlen($typed) < self::TWO_SLIPS_FROM => 1,
            default => 2,
        };
    }

    /** A letter more, less or other, or two swapped. */
    public static function isNear(string $typed, string $word): bool
    {
        $most = self::forgiven($typed);
        if ($most === 0 || abs(strlen($typed) - strlen($word)) > $most) {
            return false;
        }

        return levenshtein($typed, $word) <= $most || self::isSwapped($typed, $word);
    }

    /**
     * @param  list<string>  $names  in lower case, as what was typed
     * @return list<string> those that are near, the nearest first
     */
    public static function nearest(string $typed, array $names): array
    {
        $near = array_values(array_filter($names, fn (string $name): bool => self::isNear($typed, $name)));
        usort($near, fn (string $one, string $other): int => levenshtein($typed, $one) <=> levenshtein($typed, $other));

        return array_slice($near, 0, self::MOST_NAMES);
    }

    private static function isSwapped(string $typed, string $word): bool
    {
        if (strlen($typed) !== strlen($word)) {
            return false;
        }
        $at = strspn($typed ^ $word, "\0");

        return substr($typed, $at, 2) === strrev(substr($word, $at, 2)) && substr($typed, $at + 2) === substr($word, $at + 2);
    }
}
