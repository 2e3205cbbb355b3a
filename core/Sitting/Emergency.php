<?php

declare(strict_types=1);

namespace Biomegas\Sitting;

use Biomegas\Finding\Finding;

/**
 * What may go wrong while the keeper is away, and what somebody without
 * experience can do about it. Common practice, no published source; where
 * there is water and mains, nobody is to touch anything wet.
 */
enum Emergency: string
{
    case Gasping = 'gasping';
    case NotEating = 'not-eating';
    case Dead = 'dead';
    case Jumped = 'jumped';
    case WaterOut = 'water-out';
    case PowerCut = 'power-cut';

    /** @param  string  $call  whom to call */
    public function finding(string $call): Finding
    {
        return match ($this) {
            self::Gasping => Finding::of('sitter.if_gasping', call: $call),
            self::NotEating => Finding::of('sitter.if_not_eating'),
            self::Dead => Finding::of('sitter.if_dead', call: $call),
            self::Jumped => Finding::of('sitter.if_jumped', call: $call),
            self::WaterOut => Finding::of('sitter.if_water_out', call: $call),
            self::PowerCut => Finding::of('sitter.if_power_cut', call: $call),
        };
    }
}
