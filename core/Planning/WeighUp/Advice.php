<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

enum Advice: string
{
    case Take = 'take';
    case OnlyIf = 'only-if';
    case DoNot = 'do-not';

    /** The more, the more speaks against it. */
    public function weight(): int
    {
        return match ($this) {
            self::Take => 0,
            self::OnlyIf => 1,
            self::DoNot => 2,
        };
    }
}
