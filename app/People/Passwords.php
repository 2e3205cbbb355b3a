<?php

declare(strict_types=1);

namespace App\People;

/** What a password has to be, wherever one is chosen. */
final readonly class Passwords
{
    public const SHORTEST = 10;

    /** What is hashed is no longer. */
    private const LONGEST = 255;

    /** @return list<string> */
    public static function rules(): array
    {
        return ['required', 'string', 'min:'.self::SHORTEST, 'max:'.self::LONGEST];
    }
}
