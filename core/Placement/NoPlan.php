<?php

declare(strict_types=1);

namespace Biomegas\Placement;

use Biomegas\Finding\CarriesFinding;
use Biomegas\Finding\Finding;
use Biomegas\Finding\Refusal;
use RuntimeException;

/** No plan is feasible, or none was found in time. */
final class NoPlan extends RuntimeException implements Refusal
{
    use CarriesFinding;

    public static function becauseItIsAllowedNowhere(string $unit, int $period): self
    {
        return new self(Finding::of('placement.allowed_nowhere', unit: $unit, period: $period));
    }

    public static function becauseThereIsNoWayThrough(string $unit, int $stay): self
    {
        return new self(Finding::of('placement.no_way_through', unit: $unit, stay: $stay));
    }

    /** @param  list<string>  $units */
    public static function becauseTheyCannotBeApart(array $units, int $period): self
    {
        return new self(Finding::of('placement.no_places_apart', units: $units, period: $period));
    }

    public static function becauseNoWayKeepsThemApart(): self
    {
        return new self(Finding::of('placement.no_way_apart'));
    }

    public static function foundInTime(): self
    {
        return new self(Finding::of('placement.not_in_time'));
    }
}
