<?php

declare(strict_types=1);

namespace App\Pictures;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The files of all pictures, as they go into a backup or a package. */
final readonly class PictureFiles
{
    /** @return array<string, string> path by its name below the folder: "7/full.jpg"; in the order of their numbers */
    public static function in(string $folder): array
    {
        if (! is_dir($folder)) {
            return [];
        }
        $files = [];
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            $files[ltrim(substr($file->getPathname(), strlen($folder)), '/')] = $file->getPathname();
        }
        uksort($files, strnatcmp(...));

        return $files;
    }
}
