<?php

declare(strict_types=1);

namespace App\Repair;

use Biomegas\Finding\CarriesFinding;
use Biomegas\Finding\Finding;
use Biomegas\Finding\Refusal;
use RuntimeException;

/** Something cannot be shown because what it rests on cannot be read: that has to be mended first. */
final class LeftOut extends RuntimeException implements Refusal
{
    use CarriesFinding;

    public static function becauseItsSpeciesCannotBeRead(string $fish): self
    {
        return new self(Finding::of('unreadable.species', fish: $fish));
    }

    public static function becauseItsHomeCannotBeRead(string $what): self
    {
        return new self(Finding::of('unreadable.home', what: $what));
    }

    public static function becauseTheSystemCannotBeRead(): self
    {
        return new self(Finding::of('unreadable.system'));
    }
}
