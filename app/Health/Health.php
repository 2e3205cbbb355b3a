<?php

declare(strict_types=1);

namespace App\Health;

use App\Backup\BackupFolder;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Throwable;

/** How the database, the disk, the queue, the scheduler and the backups are. */
final readonly class Health
{
    public const SCHEDULER_SEEN = 'scheduler-seen';

    private const MEGABYTE = 1_000_000;

    /** Less, and nothing can be written soon. */
    private const LEAST_FREE_MB = 100;

    private const SCHEDULER_LATE_MINUTES = 5;

    /** What waits longer has nobody who does it. */
    private const QUEUE_LATE_SECONDS = 300;

    /**
     * @param  list<string>  $attention
     */
    private function __construct(
        /** It can be read and written, and the disk has room. */
        public bool $is_usable,
        /** What somebody should look at: database, disk, queue, scheduler, backup. */
        public array $attention,
        public bool $database,
        public ?int $disk_free_mb,
        /** What waits, and for how long the oldest of it; null: the database does not answer. */
        public ?int $queue_waiting,
        public ?int $queue_oldest_seconds,
        public ?string $scheduler_seen_at,
        public ?string $backup_made_at,
    ) {
    }

    public static function now(): self
    {
        $isThere = self::databaseAnswers();
        $free = @disk_free_space(dirname((string) config('database.connections.sqlite.database')));
        $freeMb = $free === false ? null : (int) ($free / self::MEGABYTE);
        $waiting = $isThere ? DB::table('jobs')->whereNull('reserved_at')->count() : null;
        $oldest = $isThere && $waiting > 0 ? now()->getTimestamp() - (int) DB::table('jobs')->whereNull('reserved_at')->min('created_at') : null;
        $seen = Cache::get(self::SCHEDULER_SEEN);
        $backup = BackupFolder::configured()->all()[0] ?? null;
        $attention = array_keys(array_filter([
            'database' => ! $isThere,
            'disk' => $freeMb !== null && $freeMb < self::LEAST_FREE_MB,
            'queue' => $oldest !== null && $oldest > self::QUEUE_LATE_SECONDS,
            'scheduler' => ! is_string($seen) || CarbonImmutable::parse($seen)->addMinutes(self::SCHEDULER_LATE_MINUTES)->isPast(),
            'backup' => $backup === null || $backup->isOld(),
        ]));

        return new self(array_intersect($attention, ['database', 'disk']) === [], $attention, $isThere, $freeMb, $waiting, $oldest, is_string($seen) ? $seen : null, $backup?->madeAt->toIso8601ZuluString());
    }

    /** Reads, and may write: a file that is read-only, or locked for long, is no database to work with. */
    private static function databaseAnswers(): bool
    {
        try {
            DB::table('migrations')->count();
            $file = (string) config('database.connections.sqlite.database');

            return is_writable($file) && is_writable(dirname($file));
        } catch (Throwable) {
            return false;
        }
    }
}
