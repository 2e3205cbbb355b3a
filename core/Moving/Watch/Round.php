<?php

declare(strict_types=1);

namespace Biomegas\Moving\Watch;

use Biomegas\Calendar\LocalMoment;
use Biomegas\Finding\Finding;

/** A time to look, and why then. */
final readonly class Round
{
    public function __construct(
        public LocalMoment $at,
        public Finding $why,
    ) {
    }
}
