<?php

declare(strict_types=1);

namespace Biomegas\Picture;

use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** How deep behind the pane, or below the surface, a fish swims, and how well that is known. */
final readonly class FishDepth
{
    /** A fish itself is so thick. Judgement. */
    private const LEAST_SPREAD_MM = 5.0;

    public function __construct(
        /** Millimetres behind the inner face, to its middle. */
        public float $mm,
        /** Standard deviation. */
        public float $spread,
    ) {
    }

    /**
     * Standing in a part of the water it may be anywhere in it: the standard
     * deviation of a uniform spread is its width over the root of twelve.
     *
     * @param  float  $room  from the pane to the wall behind, or the depth of the water
     */
    public static function in(DepthZone $zone, float $room): self
    {
        $uniform = fn (float $from, float $until): self => new self($room * ($from + $until) / 2, $room * ($until - $from) / sqrt(12));

        return match ($zone) {
            // At the pane itself: a hand's breadth, whatever the room.
            DepthZone::Near => new self(min(45.0, $room / 4), min(22.0, $room / 8)),
            DepthZone::Middle => $uniform(1 / 3, 2 / 3),
            DepthZone::Back => $uniform(2 / 3, 1),
            DepthZone::Unknown => $uniform(0, 1),
        };
    }

    /**
     * Of a fish that is marked in two pictures from two distances: how far a
     * slip of either last mark moves the depth is how well it is known.
     *
     * @param  list<Point>  $line
     * @param  list<Point>  $otherLine  of the same fish, in the other picture
     * @param  float  $room  from the pane to the wall behind
     *
     * @throws InvalidEntry when it has one length in both at no depth
     */
    public static function seenTwice(View $view, array $line, View $other, array $otherLine, float $room): self
    {
        if (count($otherLine) < 2) {
            throw InvalidEntry::because('other', Finding::of('picture.mark_the_other'));
        }
        $uniform = $room / sqrt(12);
        [$sight, $otherSight] = [$view->sight(), $other->sight()];
        $depth = $sight->depthAtWhich($line, $otherSight, $otherLine, $room) ?? throw InvalidEntry::because('other', Finding::of('picture.no_depth_fits'));
        $slips = [
            $sight->depthAtWhich(self::slipped($line, $view->markSpread), $otherSight, $otherLine, $room),
            $sight->depthAtWhich($line, $otherSight, self::slipped($otherLine, $other->markSpread), $room),
        ];
        $spread = hypot(...array_map(fn (?float $moved): float => $moved === null ? $uniform : $moved - $depth, $slips));

        return new self($depth, max(self::LEAST_SPREAD_MM, min($spread, $uniform)));
    }

    /**
     * Its last mark by a slip farther along.
     *
     * @param  list<Point>  $line
     * @return list<Point>
     */
    private static function slipped(array $line, float $pixels): array
    {
        $last = count($line) - 1;
        $whole = $line[$last - 1]->distanceTo($line[$last]);
        $by = $whole > 0 ? sqrt(2) * $pixels / $whole : 0.0;

        return array_values(array_replace($line, [$last => $line[$last]->moved($by * ($line[$last]->x - $line[$last - 1]->x), $by * ($line[$last]->y - $line[$last - 1]->y))]));
    }
}
