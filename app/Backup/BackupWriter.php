<?php

declare(strict_types=1);

namespace App\Backup;

use App\Pictures\PictureFiles;
use App\Tasks\Progress;
use App\Tasks\Stopped;
use Illuminate\Support\Facades\DB;
use RuntimeException;
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
        foreach (PictureFiles::in($this->pictures) as $file) {
            $wanted += (int) filesize($file);
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
        foreach (PictureFiles::in($this->pictures) as $name => $file) {
            $files[self::PICTURES.$name] = $file;
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
}
