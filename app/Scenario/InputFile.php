<?php

declare(strict_types=1);

namespace App\Scenario;

/** What a command reads: a file, or standard input when it is given as "-". */
final readonly class InputFile
{
    private const MOST_MEGABYTES = 50;

    public const MOST_BYTES = self::MOST_MEGABYTES * 1024 * 1024;

    /** @throws InvalidDocument when none is named */
    public static function named(?string $file): string
    {
        return $file ?? throw InvalidDocument::becauseNoFileIsNamed();
    }

    /** @throws InvalidDocument when it cannot be read or is too large */
    public static function read(string $file): string
    {
        $handle = $file !== '-' && ! is_file($file) ? false : @fopen($file === '-' ? 'php://stdin' : $file, 'rb');
        if ($handle === false) {
            throw InvalidDocument::becauseItCannotBeRead($file);
        }
        $text = (string) stream_get_contents($handle, self::MOST_BYTES + 1);
        fclose($handle);
        if (strlen($text) > self::MOST_BYTES) {
            throw InvalidDocument::becauseItIsTooLarge($file, self::MOST_MEGABYTES);
        }

        return $text;
    }
}
