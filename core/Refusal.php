<?php

declare(strict_types=1);

namespace Biomegas;

use Throwable;

/**
 * Marks every error that the core throws at bad input. Its message is a whole
 * sentence that says what came and what to do, fit to be shown to a keeper.
 */
interface Refusal extends Throwable
{
}
