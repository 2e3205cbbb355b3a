<?php

declare(strict_types=1);

namespace Biomegas\Rulebook;

/** How big a home must be, as different keepers see it. */
enum HomeMethod: string
{
    case Footprint = 'footprint';
    case LitresLean = 'litres-lean';
    case LitresUsual = 'litres-usual';
    case LitresGenerous = 'litres-generous';
    case Both = 'both';

    public function asksForRoomToSwim(): bool
    {
        return $this === self::Footprint || $this === self::Both;
    }

    public function asksForLitres(): bool
    {
        return $this !== self::Footprint;
    }
}
