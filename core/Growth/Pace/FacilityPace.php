<?php

declare(strict_types=1);

namespace Biomegas\Growth\Pace;

/**
 * How the animals of one facility keep to their curves, learnt from all of them:
 * expectation and maximisation over the shares of the levels, of spread and
 * error apart. What is said of one animal leaves its own lengths out, or they
 * would count twice.
 */
final readonly class FacilityPace
{
    /** The usual shares count as this many animals. */
    private const USUAL_COUNTS = 2.5;

    private const ITERATIONS = 30;

    /** Shares that change less than this are found. */
    private const FOUND = 1e-6;

    /** Factors on how much species are taken to vary, and the belief in each beforehand. */
    public const WIDTHS = [[1.0, 0.7], [0.25, 0.15], [0.0625, 0.1], [0.0144, 0.05]];

    /** Among more animals than this one counts so little that the others need not be learnt from anew without it. */
    private const FEW = 60;

    /**
     * @param  array<string, PaceBelief>  $beliefs  by animal, from all the others
     * @param  PaceBelief  $ofStrangers  from all
     */
    private function __construct(private array $beliefs, private PaceBelief $ofStrangers)
    {
    }

    /**
     * @param  array<string, list<float>>  $logEvidence  by animal, of its lengths at each level
     * @param  array<string, list<float>>  $logWidth  by animal, of its lengths at each of WIDTHS
     */
    public static function of(array $logEvidence, array $logWidth): self
    {
        $likelihood = array_map(function (array $logs): array {
            $greatest = max([-INF, ...$logs]);

            return array_map(fn (float $log): float => exp($log - $greatest), $logs);
        }, $logEvidence);
        $pooled = self::learn($likelihood);
        $width = self::widthFrom($logWidth);
        $beliefs = [];
        foreach ($likelihood as $animal => $own) {
            $beliefs[$animal] = count($likelihood) > self::FEW
                ? self::belief(self::without($own, $pooled, count($likelihood)), $width)
                : self::belief(self::learn(array_diff_key($likelihood, [$animal => true])), self::widthFrom(array_diff_key($logWidth, [$animal => true])));
        }

        return new self($beliefs, self::belief($pooled, $width));
    }

    public function beliefOf(string $animal): PaceBelief
    {
        return $this->beliefs[$animal] ?? $this->ofStrangers;
    }

    /** @param  array{list<float>, list<float>}  $shares */
    private static function belief(array $shares, float $width): PaceBelief
    {
        $ofLevels = [];
        foreach ($shares[0] as $ofSpread) {
            foreach ($shares[1] as $ofError) {
                $ofLevels[] = $ofSpread * $ofError;
            }
        }

        return new PaceBelief($ofLevels, $width);
    }

    /**
     * The shares without what one animal counted to them.
     *
     * @param  list<float>  $own  likelihood by level
     * @param  array{list<float>, list<float>}  $pooled
     * @return array{list<float>, list<float>}
     */
    private static function without(array $own, array $pooled, int $animals): array
    {
        [$ofSpread, $ofError] = self::counts([$own], ...$pooled);
        $all = self::USUAL_COUNTS + $animals;
        [$spread, $error] = $pooled;
        foreach ($spread as $i => $share) {
            $spread[$i] = ($share * $all - $ofSpread[$i]) / ($all - 1);
        }
        foreach ($error as $i => $share) {
            $error[$i] = ($share * $all - $ofError[$i]) / ($all - 1);
        }

        return [$spread, $error];
    }

    /**
     * @param  array<list<float>>  $likelihood  by animal and level
     * @return array{list<float>, list<float>} shares of the spreads and of the errors
     */
    private static function learn(array $likelihood): array
    {
        $usual = [self::normed(array_column(PaceLevels::SPREADS, 1)), self::normed(array_column(PaceLevels::ERRORS, 2))];
        [$spread, $error] = $usual;
        $count = self::USUAL_COUNTS + count($likelihood);
        for ($i = 0, $change = 1.0; $i < self::ITERATIONS && $change > self::FOUND; $i++) {
            [$ofSpread, $ofError] = self::counts($likelihood, $spread, $error);
            $change = 0.0;
            foreach ($spread as $s => $share) {
                $spread[$s] = (self::USUAL_COUNTS * $usual[0][$s] + $ofSpread[$s]) / $count;
                $change = max($change, abs($spread[$s] - $share));
            }
            foreach ($error as $e => $share) {
                $error[$e] = (self::USUAL_COUNTS * $usual[1][$e] + $ofError[$e]) / $count;
                $change = max($change, abs($error[$e] - $share));
            }
        }

        return [$spread, $error];
    }

    /**
     * How many of the animals belong to each spread and to each error.
     *
     * @param  array<list<float>>  $likelihood
     * @param  list<float>  $spread
     * @param  list<float>  $error
     * @return array{array<int, float>, array<int, float>}
     */
    private static function counts(array $likelihood, array $spread, array $error): array
    {
        $ofSpread = array_fill(0, count($spread), 0.0);
        $ofError = array_fill(0, count($error), 0.0);
        foreach ($likelihood as $ofLevels) {
            $beliefs = [];
            $k = 0;
            foreach ($spread as $s) {
                foreach ($error as $e) {
                    $beliefs[] = $s * $e * $ofLevels[$k++];
                }
            }
            $sum = array_sum($beliefs);
            $k = 0;
            foreach ($spread as $i => $_) {
                foreach ($error as $j => $_) {
                    $ofSpread[$i] += $beliefs[$k] / $sum;
                    $ofError[$j] += $beliefs[$k++] / $sum;
                }
            }
        }

        return [$ofSpread, $ofError];
    }

    /**
     * Of a lone animal nothing is narrowed.
     *
     * @param  array<list<float>>  $logWidth  by animal
     */
    private static function widthFrom(array $logWidth): float
    {
        if ($logWidth === []) {
            return 1.0;
        }
        $logs = array_map(fn (int $v): float => log(self::WIDTHS[$v][1]) + array_sum(array_column($logWidth, $v)), array_keys(self::WIDTHS));
        $greatest = max($logs);
        $beliefs = self::normed(array_map(fn (float $log): float => exp($log - $greatest), $logs));

        return array_sum(array_map(fn (float $belief, array $width): float => $belief * $width[0], $beliefs, self::WIDTHS));
    }

    /**
     * @param  list<float>  $weights
     * @return list<float>
     */
    private static function normed(array $weights): array
    {
        $sum = array_sum($weights);

        return array_map(fn (float $weight): float => $weight / $sum, $weights);
    }
}
