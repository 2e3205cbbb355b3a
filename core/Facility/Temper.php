<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** How one gets on with others, beside what is usual for its species. */
enum Temper: string
{
    case Calm = 'calm';
    case Usual = 'usual';
    case Bully = 'bully';

    private const CALM_AT_MOST = 2;

    private const BULLY = 5;

    /** From 1 to 5, for one of a species of this temperament. */
    public function of(int $temperament): int
    {
        return match ($this) {
            self::Calm => min(self::CALM_AT_MOST, $temperament),
            self::Usual => $temperament,
            self::Bully => self::BULLY,
        };
    }
}
