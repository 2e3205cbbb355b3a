<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Support\Str;

/** The secret in a link that is handed over. Only its hash is kept. */
final readonly class LinkSecret
{
    private const LENGTH = 40;

    public static function make(): string
    {
        return Str::random(self::LENGTH);
    }

    public static function hash(string $secret): string
    {
        return hash('sha256', $secret);
    }

    /** What follows "#" is never sent to a server, so it stands in no log. */
    public static function address(string $page, string $secret): string
    {
        return url($page)."#{$secret}";
    }
}
