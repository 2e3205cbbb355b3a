<?php

declare(strict_types=1);

namespace App\Facility;

/** The core names fish and systems by text keys; here they stand for rows of the database. */
final readonly class Keys
{
    public static function ofFish(int $id): string
    {
        return "fish-{$id}";
    }

    public static function ofSystem(int $id): string
    {
        return "system-{$id}";
    }

    public static function id(string $key): int
    {
        return (int) substr($key, (int) strrpos($key, '-') + 1);
    }
}
