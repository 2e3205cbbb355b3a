<?php

declare(strict_types=1);

namespace App\Facility;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What the code of a folder is like, in one word: answers of an older version are not answers of this one. */
final class CodeVersion
{
    /** What a process runs is what it began with. */
    private static ?string $running = null;

    /** Of all that works answers out, and of the words that say them. */
    public static function running(string $root): string
    {
        return self::$running ??= implode('', array_map(fn (string $folder): string => self::of("{$root}/{$folder}"), ['core', 'app', 'lang']));
    }

    public static function of(string $folder): string
    {
        $files = [];
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            $files[substr($file->getPathname(), strlen($folder))] = hash_file('xxh128', $file->getPathname());
        }
        ksort($files);

        return hash('xxh128', serialize($files));
    }
}
