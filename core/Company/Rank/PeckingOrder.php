<?php

declare(strict_types=1);

namespace Biomegas\Company\Rank;

use Biomegas\Finding\Finding;
use Biomegas\Numerics\StandardNormal;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Who stands above whom among those who live together. First and second are
 * named only where that is sure: the share of each contest that one would win
 * is drawn from what it could be, Beta(won + 1/2, lost + 1/2), and it is
 * counted how often each comes first.
 */
final readonly class PeckingOrder
{
    private const DRAWS = 500;

    private const SEED = 1998;

    /** Named from this share of first places on, and from so many contests. */
    private const SURE = 0.7;

    private const ENOUGH = 6;

    private const RESOLUTION = 1_000_000_000;

    /** @param  list<Standing>  $standings  the highest first */
    private function __construct(
        public array $standings,
        public int $contests,
        /** Key of the one above all; null: not clear yet. */
        public ?string $boss,
        /** Of the next; null: not clear yet. */
        public ?string $second,
    ) {
    }

    /**
     * @param  list<Contest>  $contests  among fish that live together
     */
    public static function of(array $contests): self
    {
        $keys = array_values(array_unique(array_merge(...array_map(fn (Contest $contest): array => [$contest->winner, $contest->loser], $contests))));
        $at = array_flip($keys);
        $wins = array_fill(0, count($keys), array_fill(0, count($keys), 0));
        foreach ($contests as $contest) {
            $wins[$at[$contest->winner]][$at[$contest->loser]]++;
        }
        $scores = DavidScore::of($wins);
        $draws = self::draws($wins);
        $firsts = self::firstPlaces($draws, array_keys($keys));
        $standings = array_map(fn (string $key, int $i): Standing => new Standing(
            $key, $scores[$i], array_sum($wins[$i]), array_sum(array_column($wins, $i)), $firsts[$i],
        ), $keys, array_keys($keys));
        usort($standings, fn (Standing $a, Standing $b): int => $b->score <=> $a->score);
        $boss = self::named($firsts, count($contests));
        $rest = $boss === null ? [] : array_values(array_diff(array_keys($keys), [$boss]));
        $second = count($rest) < 2 ? ($rest[0] ?? null) : self::named(self::firstPlaces($draws, $rest), self::among($wins, $rest));

        return new self($standings, count($contests), $boss === null ? null : $keys[$boss], $second === null ? null : $keys[$second]);
    }

    /**
     * @param  array<string, string>  $names  by key
     * @return Finding|null null: nothing was seen
     */
    public function finding(array $names): ?Finding
    {
        return match (true) {
            $this->contests === 0 => null,
            $this->boss === null => Finding::of('company.rank.not_clear', contests: $this->contests),
            $this->second === null => Finding::of('company.rank.boss', boss: $names[$this->boss], contests: $this->contests),
            default => Finding::of('company.rank.boss_and_second', boss: $names[$this->boss], second: $names[$this->second], contests: $this->contests),
        };
    }

    /** @param  array<int, float>  $firsts */
    private static function named(array $firsts, int $contests): ?int
    {
        $best = $firsts === [] ? null : array_search(max($firsts), $firsts, true);

        return $best !== null && $best !== false && $contests >= self::ENOUGH && $firsts[$best] >= self::SURE ? $best : null;
    }

    /**
     * @param  array<int, array<int, int>>  $wins
     * @param  list<int>  $of
     */
    private static function among(array $wins, array $of): int
    {
        return array_sum(array_map(fn (int $i): int => array_sum(array_intersect_key($wins[$i], array_flip($of))), $of));
    }

    /**
     * What the share of each contest that one would win could be.
     *
     * @param  array<int, array<int, int>>  $wins
     * @return list<array<int, array<int, float>>> shares of the row over the column
     */
    private static function draws(array $wins): array
    {
        $random = new Randomizer(new Mt19937(self::SEED));
        $none = array_fill(0, count($wins), array_fill(0, count($wins), 0.0));
        $draws = [];
        for ($draw = 0; $draw < self::DRAWS && $wins !== []; $draw++) {
            $shares = $none;
            foreach ($wins as $i => $row) {
                for ($j = 0; $j < $i; $j++) {
                    if ($row[$j] + $wins[$j][$i] > 0) {
                        [$for, $against] = [self::gamma($row[$j] + 0.5, $random), self::gamma($wins[$j][$i] + 0.5, $random)];
                        $shares[$i][$j] = $for / ($for + $against);
                        $shares[$j][$i] = 1 - $shares[$i][$j];
                    }
                }
            }
            $draws[] = $shares;
        }

        return $draws;
    }

    /**
     * @param  list<array<int, array<int, float>>>  $draws
     * @param  list<int>  $of  who is compared
     * @return array<int, float> share of the draws in which each comes first
     */
    private static function firstPlaces(array $draws, array $of): array
    {
        $firsts = array_fill_keys($of, 0.0);
        $compared = array_flip($of);
        foreach ($draws as $shares) {
            $scores = DavidScore::ofShares(array_map(fn (int $i): array => array_values(array_intersect_key($shares[$i], $compared)), $of));
            arsort($scores);
            $firsts[$of[(int) array_key_first($scores)]] += 1 / self::DRAWS;
        }

        return $firsts;
    }

    /** A draw of the gamma distribution of this shape: Marsaglia and Tsang (2000), ACM Transactions on Mathematical Software 26, 363-372. */
    private static function gamma(float $shape, Randomizer $random): float
    {
        $uniform = fn (): float => $random->getInt(1, self::RESOLUTION - 1) / self::RESOLUTION;
        // Below a shape of one it is drawn one higher and brought down by a power of chance.
        $down = $shape < 1.0 ? $uniform() ** (1 / $shape) : 1.0;
        $d = ($shape < 1.0 ? $shape + 1 : $shape) - 1 / 3;
        do {
            $z = StandardNormal::quantile($uniform());
            $v = (1 + $z / sqrt(9 * $d)) ** 3;
        } while ($v <= 0.0 || log($uniform()) >= $z * $z / 2 + $d * (1 - $v + log($v)));

        return max(1 / self::RESOLUTION, $d * $v * $down);
    }
}
