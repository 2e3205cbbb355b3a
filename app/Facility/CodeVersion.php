<?php

declare(strict_types=1);

namespace App\Facility;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What the code of a folder is like, in one word: answers of an older version are not answers of this one. */
final readonly class CodeVersion
{
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
