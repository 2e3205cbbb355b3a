<?php

declare(strict_types=1);

namespace App\Pictures;

use RuntimeException;

/** The disk did not take a file. */
final class NotWritten extends RuntimeException
{
}
