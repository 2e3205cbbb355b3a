<?php

declare(strict_types=1);

namespace Biomegas\Placement;

use Biomegas\Refusal;
use InvalidArgumentException;

/** A placement problem that contradicts its format; the message names the path. */
final class InvalidProblem extends InvalidArgumentException implements Refusal
{
    public static function at(string $path, string $sentence): self
    {
        return new self("{$path}: {$sentence}");
    }
}
