<?php

declare(strict_types=1);

namespace App\Exchange;

use Illuminate\Support\Str;
use RuntimeException;

/** Files that are made to be fetched, or brought to be read: for a day. */
final readonly class ExportFolder
{
    private const KEPT_SECONDS = 86400;

    public function __construct(private string $folder)
    {
    }

    public static function configured(): self
    {
        return new self(config('backup.exports'));
    }

    /** @throws RuntimeException when no folder can be made */
    public function next(): string
    {
        if (! is_dir($this->folder) && ! @mkdir($this->folder, 0700, true) && ! is_dir($this->folder)) {
            throw new RuntimeException("No folder can be made at {$this->folder}.");
        }
        $this->clear();

        return $this->path(Str::uuid().'.zip');
    }

    public function path(string $name): string
    {
        return "{$this->folder}/".basename($name);
    }

    private function clear(): void
    {
        foreach (glob("{$this->folder}/*.zip*") ?: [] as $file) {
            if (filemtime($file) < time() - self::KEPT_SECONDS) {
                @unlink($file);
            }
        }
    }
}
