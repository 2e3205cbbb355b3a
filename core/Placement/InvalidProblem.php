<?php

declare(strict_types=1);

namespace Biomegas\Placement;

use Biomegas\Finding\CarriesFinding;
use Biomegas\Finding\Finding;
use Biomegas\Finding\Refusal;
use InvalidArgumentException;

/** A placement problem that contradicts its format. */
final class InvalidProblem extends InvalidArgumentException implements Refusal
{
    use CarriesFinding;

    public static function at(string $path, Finding $finding): self
    {
        return new self(Finding::of('placement.at', path: $path, says: $finding));
    }
}
