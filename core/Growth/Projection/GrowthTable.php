<?php

declare(strict_types=1);

namespace Biomegas\Growth\Projection;

use Biomegas\Growth\Fit\GrowthDraws;
use Biomegas\Numerics\MonotoneCubic;
use Biomegas\Numerics\WeightedQuantiles;

/**
 * Quantiles of the length of one fish against growth time from now on, kept at
 * a few nodes that lie closer together at first: for drawings and floors, which
 * ask for many days. What nobody asks for is not worked out.
 */
final class GrowthTable
{
    private const NODES = 16;

    private const LAST_YEARS = 10.0;

    private const NODE_RATIO = 1.35;

    /** @var non-empty-list<float> growth time from now, years */
    private readonly array $nodes;

    /** @var non-empty-list<list<float>> at each node the length of every draw */
    private readonly array $lengths;

    /** @var non-empty-list<WeightedQuantiles>|null by node */
    private ?array $samples = null;

    /** @var array<MonotoneCubic> by quantile */
    private array $curves = [];

    /**
     * @param  float  $now  growth time of the draws today, years
     * @param  float  $span  growth time from now until which anybody may ask, years
     */
    public function __construct(private readonly GrowthDraws $draws, float $now, float $span)
    {
        $this->nodes = self::nodesUntil($span);
        $this->lengths = $draws->lengthsAt(array_map(fn (float $node): float => $now + $node, $this->nodes));
    }

    /** Millimetres after this growth time from now. */
    public function lengthAfter(float $time, float $quantile): float
    {
        return $this->curveOf($quantile)->at($time);
    }

    private function curveOf(float $quantile): MonotoneCubic
    {
        return $this->curves[(string) $quantile] ??= new MonotoneCubic(
            $this->nodes,
            array_map(fn (WeightedQuantiles $sample): float => $sample->at($quantile), $this->samples()),
        );
    }

    /** @return non-empty-list<WeightedQuantiles> by node */
    private function samples(): array
    {
        return $this->samples ??= array_map(fn (array $lengths): WeightedQuantiles => WeightedQuantiles::of($lengths, $this->draws->weight), $this->lengths);
    }

    /** @return non-empty-list<float> years */
    private static function nodesUntil(float $span): array
    {
        $nodes = [0.0];
        for ($i = 1; $i < self::NODES && $nodes[$i - 1] < $span; $i++) {
            $nodes[] = self::LAST_YEARS * (self::NODE_RATIO ** $i - 1) / (self::NODE_RATIO ** (self::NODES - 1) - 1);
        }

        return $nodes;
    }
}
