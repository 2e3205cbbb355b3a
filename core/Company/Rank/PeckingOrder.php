<?php

declare(strict_types=1);

namespace Biomegas\Company\Rank;

use Biomegas\Finding\Finding;
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
        $firsts = self::firstPlaces($wins, array_keys($keys));
        $standings = array_map(fn (string $key, int $i): Standing => new Standing(
            $key, $scores[$i], array_sum($wins[$i]), array_sum(array_column($wins, $i)), $firsts[$i],
        ), $keys, array_keys($keys));
        usort($standings, fn (Standing $a, Standing $b): int => $b->score <=> $a->score);
        $boss = self::named($firsts, count($contests));
        $rest = $boss === null ? [] : array_values(array_diff(array_keys($keys), [$boss]));
        $second = count($rest) < 2 ? ($rest[0] ?? null) : self::named(self::firstPlaces($wins, $rest), self::among($wins, $rest));

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
     * @param  array<int, array<int, int>>  $wins
     * @param  list<int>  $of  who is compared
     * @return array<int, float> share of the draws in which each comes first
     */
    private static function firstPlaces(array $wins, array $of): array
    {
        $random = new Randomizer(new Mt19937(self::SEED));
        $firsts = array_fill_keys($of, 0.0);
        for ($draw = 0; $draw < self::DRAWS && $of !== []; $draw++) {
            $shares = array_fill(0, count($of), array_fill(0, count($of), 0.0));
            foreach ($of as $a => $i) {
                for ($b = 0; $b < $a; $b++) {
                    $j = $of[$b];
                    if ($wins[$i][$j] + $wins[$j][$i] > 0) {
                        [$for, $against] = [self::gamma($wins[$i][$j], $random), self::gamma($wins[$j][$i], $random)];
                        $shares[$a][$b] = $for / ($for + $against);
                        $shares[$b][$a] = 1 - $shares[$a][$b];
                    }
                }
            }
            $scores = DavidScore::ofShares($shares);
            arsort($scores);
            $firsts[$of[(int) array_key_first($scores)]] += 1 / self::DRAWS;
        }

        return $firsts;
    }

    /** A draw of Gamma(n + 1/2): n exponentials, and half the square of a normal (Box and Muller). */
    private static function gamma(int $n, Randomizer $random): float
    {
        $uniform = fn (): float => $random->getInt(1, self::RESOLUTION) / self::RESOLUTION;
        $sum = -log($uniform()) * cos(2 * M_PI * $uniform()) ** 2;
        for ($i = 0; $i < $n; $i++) {
            $sum -= log($uniform());
        }

        return max(1 / self::RESOLUTION, $sum);
    }
}
