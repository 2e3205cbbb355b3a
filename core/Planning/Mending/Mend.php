<?php

declare(strict_types=1);

namespace Biomegas\Planning\Mending;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Planning\Supposing\Supposition;

/** Something other than a move that puts a home right, or would for some days. */
final readonly class Mend
{
    public function __construct(
        public System $system,
        /** Null: a divider, behind which a fish is kept apart. */
        public ?Supposition $doing,
        /** A divider stands so many millimetres from the left; null: it is no divider. */
        public ?float $dividerAt,
        /** In the facility's money, once. */
        public float $price,
        /** In the facility's money, each year. */
        public float $perYear,
        /** The day by which it is needed. */
        public LocalDate $by,
        /** Days out of rule that it ends; null: it breaks no rule of a stay. */
        public ?int $days,
        /** Of so many days in this home, all fish together. */
        public int $ofDays,
        /** @var list<Fish> for whom */
        public array $for,
    ) {
    }
}
