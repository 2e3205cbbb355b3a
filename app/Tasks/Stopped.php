<?php

declare(strict_types=1);

namespace App\Tasks;

use RuntimeException;

/** Somebody asked a long task to stop. */
final class Stopped extends RuntimeException
{
}
