<?php

declare(strict_types=1);

namespace Biomegas\Company\Rank;

/**
 * David's score of each from who beat whom how often: whoever beats those who
 * beat others stands higher. With the dyadic index Dij, which trusts a single
 * contest less than many: de Vries, Stevens & Vervaecke (2006), Animal
 * Behaviour 71, 585-592.
 */
final readonly class DavidScore
{
    /**
     * @param  array<int, array<int, int>>  $wins  of the row over the column
     * @return list<float> in the order of the rows; they sum to zero
     */
    public static function of(array $wins): array
    {
        return self::ofShares(array_map(
            fn (array $row, int $i): array => array_map(fn (int $won, int $j): float => self::index($won, $wins[$j][$i]), $row, array_keys($row)),
            $wins, array_keys($wins),
        ));
    }

    /** Share of contests won, drawn toward a half by chance; zero where there were none. */
    private static function index(int $won, int $lost): float
    {
        $all = $won + $lost;
        $share = $all === 0 ? 0.0 : $won / $all;

        return $all === 0 ? 0.0 : $share - ($share - 0.5) / ($all + 1);
    }

    /**
     * @param  array<int, array<int, float>>  $shares  of contests that the row won against the column; both zero where there were none
     * @return list<float>
     */
    public static function ofShares(array $shares): array
    {
        $won = array_map(array_sum(...), $shares);
        $lost = array_map(fn (int $i): float => array_sum(array_column($shares, $i)), array_keys($shares));

        return array_map(fn (int $i): float => $won[$i] - $lost[$i] + array_sum(array_map(
            fn (int $j): float => $shares[$i][$j] * $won[$j] - $shares[$j][$i] * $lost[$j],
            array_keys($shares),
        )), array_keys($shares));
    }
}
