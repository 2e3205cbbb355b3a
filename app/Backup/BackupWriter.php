<?php

declare(strict_types=1);

namespace App\Backup;

use App\Tasks\Progress;
use App\Tasks\Stopped;
use FilesystemIterator;
use Illuminate\Support\Facades\DB;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use RuntimeException;
use SplFileInfo;
use ZipArchive;

/**
 * Makes a backup while everything is in use: the database as it is at one
 * moment, by SQLite's own means, all pictures, and a list of their checksums.
 */
final readonly class BackupWriter
{
    public const MANIFEST = 'manifest.json';

    public const DATABASE = 'database.sqlite';

    public const PICTURES = 'pictures/';

    public const FORMAT = 'biomegas-backup-1';

    public function __construct(private BackupFolder $folder, private string $pictures)
    {
    }

    public static function configured(): self
    {
        return new self(BackupFolder::configured(), config('pictures.folder'));
    }

    /**
     * @throws Stopped when it is asked to
     * @throws RuntimeException when it cannot be written; nothing is left then
     */
    public function make(?Progress $progress = null): Backup
    {
        $path = $this->folder->next(now()->toImmutable());
        [$copy, $part] = ["{$path}.sqlite", "{$path}.part"];
        $this->checkRoom();
        try {
            DB::statement('vacuum into ?', [$copy]);
            $this->zip($part, $copy, $progress);
            chmod($part, 0600);
            if (! rename($part, $path)) {
                throw new RuntimeException("{$path} cannot be written.");
            }
        } finally {
            @unlink($copy);
            @unlink($part);
        }

        return $this->folder->find(basename($path)) ?? throw new RuntimeException("{$path} is gone.");
    }

    /** @throws RuntimeException before anything is begun, when the disk has no room for it */
    private function checkRoom(): void
    {
        $wanted = 2 * (int) DB::scalar('select page_count * page_size from pragma_page_count(), pragma_page_size()');
        foreach ($this->pictureFiles() as $file) {
            $wanted += (int) $file->getSize();
        }
        $free = @disk_free_space($this->folder->folder);
        if ($free !== false && $free < $wanted) {
            throw new RuntimeException('The disk has too little room for a backup: '.self::megabytes($wanted).' MB are wanted, '.self::megabytes($free).' MB are free.');
        }
    }

    private static function megabytes(float $bytes): int
    {
        return (int) ceil($bytes / 1_000_000);
    }

    private function zip(string $part, string $copy, ?Progress $progress): void
    {
        $files = [self::DATABASE => $copy];
        foreach ($this->pictureFiles() as $file) {
            $files[self::PICTURES.ltrim(substr($file->getPathname(), strlen($this->pictures)), '/')] = $file->getPathname();
        }
        $zip = new ZipArchive;
        if ($zip->open($part, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException("{$part} cannot be written.");
        }
        $sums = [];
        foreach ($files as $name => $file) {
            $sums[$name] = ['bytes' => (int) filesize($file), 'sha256' => (string) hash_file('sha256', $file)];
            $zip->addFile($file, $name);
            if ($name !== self::DATABASE) {
                // Pictures are packed already.
                $zip->setCompressionName($name, ZipArchive::CM_STORE);
            }
        }
        $zip->addFromString(self::MANIFEST, json_encode([
            'format' => self::FORMAT, 'made_at' => now()->utc()->toIso8601ZuluString(), 'schema' => (string) DB::table('migrations')->max('migration'), 'files' => $sums,
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES));
        $progress?->follow($zip);
        if (! @$zip->close()) {
            $progress?->throwIfStopped();
            throw new RuntimeException('The backup cannot be written: '.$zip->getStatusString().'.');
        }
    }

    /** @return list<SplFileInfo> */
    private function pictureFiles(): array
    {
        if (! is_dir($this->pictures)) {
            return [];
        }
        $files = iterator_to_array(new RecursiveIteratorIterator(new RecursiveDirectoryIterator($this->pictures, FilesystemIterator::SKIP_DOTS)), false);
        usort($files, fn (SplFileInfo $a, SplFileInfo $b): int => strnatcmp($a->getPathname(), $b->getPathname()));

        return $files;
    }
}
