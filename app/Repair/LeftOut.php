<?php

declare(strict_types=1);

namespace App\Repair;

use Biomegas\Refusal;
use RuntimeException;

/** Something cannot be shown because what it rests on cannot be read: that has to be mended first. */
final class LeftOut extends RuntimeException implements Refusal
{
    public static function becauseItsSpeciesCannotBeRead(string $fish): self
    {
        return new self("{$fish} is left out until the values of its kind can be read.");
    }

    public static function becauseItsHomeCannotBeRead(string $what): self
    {
        return new self("{$what} is left out until its home can be read.");
    }

    public static function becauseTheSystemCannotBeRead(): self
    {
        return new self('This system cannot be read. Today names what has to be mended.');
    }
}
