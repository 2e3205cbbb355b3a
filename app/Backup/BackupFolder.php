<?php

declare(strict_types=1);

namespace App\Backup;

use Carbon\CarbonImmutable;
use RuntimeException;

/** The backups that there are: one file each, named by when it was made. */
final readonly class BackupFolder
{
    /** Older than this is said to be old. */
    public const OLD_DAYS = 7;

    private const NAME = '/^biomegas-(\d{8}-\d{6})(?:-\d+)?\.zip$/';

    private const STAMP = 'Ymd-His';

    public function __construct(public string $folder)
    {
    }

    public static function configured(): self
    {
        return new self(config('backup.folder'));
    }

    /** @return list<Backup> the newest first */
    public function all(): array
    {
        $backups = [];
        foreach (glob("{$this->folder}/biomegas-*.zip") ?: [] as $path) {
            if (preg_match(self::NAME, basename($path), $part) === 1) {
                $backups[] = new Backup(basename($path), $path, CarbonImmutable::createFromFormat(self::STAMP, $part[1], 'UTC') ?: now()->toImmutable(), (int) filesize($path));
            }
        }
        usort($backups, fn (Backup $a, Backup $b): int => strnatcmp($b->name, $a->name));

        return $backups;
    }

    public function find(string $name): ?Backup
    {
        return array_values(array_filter($this->all(), fn (Backup $backup): bool => $backup->name === $name))[0] ?? null;
    }

    /**
     * Whether the nightly one is due: the hour has come since the newest was made.
     * One from the future, made before a clock was set back, counts for nothing.
     *
     * @param  string  $at  HH:MM on the clock of the place
     */
    public function isDue(CarbonImmutable $now, string $at): bool
    {
        $hour = $now->setTimeFromTimeString($at);
        $last = $hour->isAfter($now) ? $hour->subDay() : $hour;
        foreach ($this->all() as $backup) {
            if (! $backup->madeAt->isAfter($now->addDay())) {
                return $backup->madeAt->isBefore($last);
            }
        }

        return true;
    }

    /**
     * A name that no other has.
     *
     * @throws RuntimeException when there is no such folder and none can be made
     */
    public function next(CarbonImmutable $now): string
    {
        if (! is_dir($this->folder) && ! @mkdir($this->folder, 0700, true) && ! is_dir($this->folder)) {
            throw new RuntimeException("No folder can be made at {$this->folder}.");
        }
        $stamp = 'biomegas-'.$now->utc()->format(self::STAMP);
        for ($number = 1; file_exists("{$this->folder}/{$stamp}".($number === 1 ? '' : "-{$number}").'.zip'); $number++);

        return "{$this->folder}/{$stamp}".($number === 1 ? '' : "-{$number}").'.zip';
    }

    /**
     * Takes away what is kept no longer: all but the newest, and the first of each month.
     *
     * @return list<string> names of those that went
     */
    public function thin(int $nights, int $months): array
    {
        $all = $this->all();
        $kept = array_slice($all, 0, max(1, $nights));
        $firsts = [];
        foreach (array_reverse($all) as $backup) {
            $firsts[$backup->madeAt->format('Y-m')] ??= $backup;
        }
        $kept = [...$kept, ...array_slice(array_reverse($firsts), 0, $months)];
        $gone = array_filter($all, fn (Backup $backup): bool => ! in_array($backup, $kept, true));
        array_walk($gone, fn (Backup $backup): bool => @unlink($backup->path));

        return array_values(array_map(fn (Backup $backup): string => $backup->name, $gone));
    }
}
