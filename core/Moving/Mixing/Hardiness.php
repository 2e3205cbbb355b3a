<?php

declare(strict_types=1);

namespace Biomegas\Moving\Mixing;

use Biomegas\Facility\Background;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\Species;

/** How much change a fish bears. Common practice, no published source. */
enum Hardiness: string
{
    case Hardy = 'hardy';
    case Usual = 'usual';
    case Sensitive = 'sensitive';

    /** Rays and the disease-prone bear least; who is tough is for the keeper to say. */
    public static function of(Species $species, ?Background $background): self
    {
        return $species->lengthKind === LengthKind::Disc || ($background !== null && $background->isDiseaseProne) ? self::Sensitive : self::Usual;
    }

    /** In one portion. */
    public function step(): Difference
    {
        return match ($this) {
            self::Hardy => new Difference(1.5, 0.3, 0.3),
            self::Usual => new Difference(1.0, 0.2, 0.2),
            self::Sensitive => new Difference(0.5, 0.1, 0.1),
        };
    }

    /** In an hour. */
    public function hourly(): Difference
    {
        return match ($this) {
            self::Hardy => new Difference(6.0, 1.2, 1.2),
            self::Usual => new Difference(4.0, 0.8, 0.8),
            self::Sensitive => new Difference(2.0, 0.4, 0.4),
        };
    }

    /** What may remain when it is let go. */
    public function tolerance(): Difference
    {
        return match ($this) {
            self::Hardy => new Difference(1.0, 0.3, 0.25),
            self::Usual => new Difference(0.5, 0.2, 0.15),
            self::Sensitive => new Difference(0.5, 0.1, 0.1),
        };
    }

    public function leastPortions(): int
    {
        return $this === self::Hardy ? 0 : 6;
    }

    /** Minutes between portions. */
    public function every(): float
    {
        return $this === self::Sensitive ? 2.5 : 4.0;
    }

    /** The largest portion as a share of the water in the container. */
    public function largestPortion(): float
    {
        return match ($this) {
            self::Hardy => 1 / 3,
            self::Usual => 1 / 4,
            self::Sensitive => 1 / 5,
        };
    }
}
