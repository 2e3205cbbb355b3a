<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

/** What everything costs in a plan, in points; a move of the usual aim costs 40. Rules weigh far more than anybody's convenience. Judgement, no published source. */
final readonly class Weights
{
    /** For each day and fish: beyond the size that its home takes. */
    public const OUT_OF_RULE = 4.0;

    /** For each day: water that it cannot live in, or company that eats it. */
    public const DANGER = 16.0;

    /** For each day that two are together who are best kept apart. */
    public const APART = 6.0;

    /** For each day that two are together who must be watched. */
    public const WATCHED = 0.03;

    /** For each day and each whole home by which a home is too full. */
    public const TOO_FULL = 40.0;

    /** The same of a filter that more media would mend. */
    public const FILTER_TOO_SMALL = 0.5;

    /** For each day away from the present home: of two plans alike the later move is the better one, since more is known by then. */
    public const AWAY = 0.004;

    public function __construct(
        public float $move,
        public float $opening,
        /** For each unit of the facility's money. */
        public float $money,
        /** For each day and fish, growing from the share of the limit at which it should be moved on up to this. */
        public float $closeness,
        /** For each day and fish in a home that will not hold it for life. */
        public float $waiting,
    ) {
    }
}
