<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** Where in the water a species lives. */
enum WaterLayer: string
{
    case Bottom = 'bottom';
    case Middle = 'middle';
    case Top = 'top';
    case All = 'all';

    /** @return list<self> from the ground up */
    public static function layers(): array
    {
        return [self::Bottom, self::Middle, self::Top];
    }

    public function uses(self $layer): bool
    {
        return $this === $layer || $this === self::All;
    }
}
