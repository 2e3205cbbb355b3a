<?php

declare(strict_types=1);

namespace Biomegas\Placement;

use Biomegas\Refusal;
use RuntimeException;

/** No plan is feasible, or none was found in time. */
final class NoPlan extends RuntimeException implements Refusal
{
    public static function because(string $why): self
    {
        return new self("No plan is feasible because {$why}");
    }

    public static function foundInTime(): self
    {
        return new self('No feasible plan was found in time: units that may not be together leave little room. Give more seconds.');
    }
}
