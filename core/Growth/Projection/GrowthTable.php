<?php

declare(strict_types=1);

namespace Biomegas\Growth\Projection;

use Biomegas\Growth\Fit\GrowthDraws;

/**
 * Quantiles of the length of one fish against growth time from now on, kept
 * at a few nodes that lie closer together at first. Every date comes from
 * this table: since growth never reverses, the day by which one in ten have
 * reached a limit is where the 90 % curve meets it.
 */
final readonly class GrowthTable
{
    private const NODES = 16;

    private const LAST_YEARS = 10.0;

    private const NODE_RATIO = 1.35;

    /** @param  array<MonotoneCubic>  $curves by quantile */
    private function __construct(private array $curves)
    {
    }

    /**
     * @param  float  $now  growth time of the draws today, years
     * @param  list<float>  $quantiles
     */
    public static function of(GrowthDraws $draws, float $now, array $quantiles): self
    {
        $nodes = [];
        for ($i = 0; $i < self::NODES; $i++) {
            $nodes[] = self::LAST_YEARS * (self::NODE_RATIO ** $i - 1) / (self::NODE_RATIO ** (self::NODES - 1) - 1);
        }
        $heights = [];
        foreach ($draws->lengthsAt(array_map(fn (float $node): float => $now + $node, $nodes)) as $lengths) {
            $sample = WeightedQuantiles::of($lengths, $draws->weight);
            foreach ($quantiles as $quantile) {
                $heights[(string) $quantile][] = $sample->at($quantile);
            }
        }

        return new self(array_map(fn (array $y): MonotoneCubic => new MonotoneCubic($nodes, $y), $heights));
    }

    /** Millimetres after this growth time from now. */
    public function lengthAfter(float $time, float $quantile): float
    {
        return $this->curves[(string) $quantile]->at($time);
    }

    /** Growth time from now until this quantile of the length reaches the limit, or null. */
    public function timeUntil(float $limit, float $quantile): ?float
    {
        return $this->curves[(string) $quantile]->firstReaching($limit);
    }
}
