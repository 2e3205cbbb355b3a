<?php

declare(strict_types=1);

namespace Biomegas\Finding;

use Throwable;

/** Marks every error that the core throws at bad input: what came and what to do, as a finding that a keeper is told. */
interface Refusal extends Throwable
{
    public function finding(): Finding;
}
