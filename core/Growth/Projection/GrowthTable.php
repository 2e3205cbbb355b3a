<?php

declare(strict_types=1);

namespace Biomegas\Growth\Projection;

use Biomegas\Growth\Fit\GrowthDraws;
use Biomegas\Numerics\MonotoneCubic;
use Biomegas\Numerics\WeightedQuantiles;
use LogicException;

/**
 * Quantiles of the length of one fish against growth time from now on, kept at
 * a few nodes that lie closer together at first: for drawings and floors, which
 * ask for many days. Between which nodes a share reaches a length shows there,
 * too; when, the draws themselves say. What nobody asks for is not worked out.
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

    /** @var array<string, float> growth time from now, years, by length and share */
    private array $reached = [];

    /**
     * @param  float  $now  growth time of the draws today, years
     * @param  float  $span  growth time from now until which anybody may ask, years
     */
    public function __construct(private readonly GrowthDraws $draws, private readonly float $now, private readonly float $span)
    {
        $this->nodes = self::nodesUntil($span);
        $this->lengths = $draws->lengthsAt(array_map(fn (float $node): float => $now + $node, $this->nodes));
    }

    /** Millimetres after this growth time from now. */
    public function lengthAfter(float $time, float $quantile): float
    {
        return $this->curveOf($quantile)->at($time);
    }

    /**
     * Growth time from now by which this share of the draws has reached the
     * length, to the draw that decides; infinite when not within the span.
     */
    public function timeReaching(float $lengthMm, float $share): float
    {
        return $this->reached["{$lengthMm} {$share}"] ??= $this->findTimeReaching($lengthMm, $share);
    }

    /** Only draws that come there between the same two nodes as the one that decides are asked when. */
    private function findTimeReaching(float $lengthMm, float $share): float
    {
        $node = $this->firstNodeWith($lengthMm, $share);
        if ($node === 0) {
            return 0.0;
        }
        if ($node === count($this->nodes) && $this->nodes[count($this->nodes) - 1] >= $this->span) {
            return INF;
        }
        $reached = $this->shareAt($node - 1, $lengthMm);
        $coming = $this->comingBetween($lengthMm, $node);
        $times = array_combine($coming, $this->draws->timesUntil($lengthMm, $this->now, $coming));
        asort($times, SORT_NUMERIC);
        $time = $this->now + ($this->nodes[$node] ?? INF);
        foreach ($times as $draw => $time) {
            $reached += $this->draws->weight[$draw];
            if ($reached >= $share) {
                break;
            }
        }

        return max(0.0, $time - $this->now);
    }

    /** Of the draws, that has reached the length by a node. */
    private function shareAt(int $node, float $lengthMm): float
    {
        return ($this->samples()[$node] ?? throw new LogicException('There is no such node.'))->shareFrom($lengthMm);
    }

    /** The first node by which this share has reached the length; one more than there are when none is. */
    private function firstNodeWith(float $lengthMm, float $share): int
    {
        [$low, $high] = [0, count($this->nodes)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->shareAt($middle, $lengthMm) >= $share) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $low;
    }

    /** @return list<int> the draws that reach the length after the node before this one, and by this one where there is one */
    private function comingBetween(float $lengthMm, int $node): array
    {
        $by = $this->lengths[$node] ?? null;
        $coming = [];
        foreach ($this->lengths[$node - 1] as $draw => $length) {
            if ($length < $lengthMm && ($by === null || $by[$draw] >= $lengthMm)) {
                $coming[] = $draw;
            }
        }

        return $coming;
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
