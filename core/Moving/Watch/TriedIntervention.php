<?php

declare(strict_types=1);

namespace Biomegas\Moving\Watch;

/** An intervention that was tried, and what came of it. */
final readonly class TriedIntervention
{
    public function __construct(
        public Intervention $intervention,
        /** Null: not known yet. */
        public ?Success $success = null,
    ) {
    }
}
