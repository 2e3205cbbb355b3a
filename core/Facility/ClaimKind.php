<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** Who claims an adult size, which decides how far it is believed. */
enum ClaimKind: string
{
    case Literature = 'literature';
    case Keepers = 'keepers';
    case Label = 'label';
    /** The largest ever seen: not what is usual, but what is possible. */
    case Record = 'record';

    /** Weight beside other claims. Judgement, no published source. */
    public function weight(): float
    {
        return match ($this) {
            self::Literature => 3.0,
            self::Keepers => 2.0,
            self::Label => 1.0,
            self::Record => 0.0,
        };
    }
}
