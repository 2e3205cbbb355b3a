<?php

declare(strict_types=1);

namespace App\Bench;

use App\Backup\BackupFolder;
use App\Backup\BackupWriter;
use App\Exchange\PackageWriter;
use App\Facility\ReadingLog;
use App\Models\Note;
use App\Models\User;
use Biomegas\Water\Test\Quantity;
use Closure;
use DateTimeImmutable;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;

/**
 * What one machine holds: 300 fish in 40 systems, a million lines of log, five
 * people, and 20 probes that post every ten seconds for a month. Invented.
 */
final readonly class MachineBench
{
    private const LOG = 1_000_000;

    private const PEOPLE = 5;

    private const PROBES = 20;

    private const DAYS = 30;

    private const EVERY_SECONDS = 10;

    /** As many as a probe may post at once. */
    private const AT_ONCE = 1000;

    private const ASKED = 20;

    private const PAGES = ['today', 'systems', 'systems/1', 'fish', 'fish/1', 'log', 'log?words=gurgles+night+torn', 'lanes', 'moves'];

    /**
     * @param  Closure(string): void  $tell
     * @return list<array{string, string}> what, and how much
     */
    public static function run(Kernel $console, Closure $tell): array
    {
        $folder = sys_get_temp_dir().'/biomegas-machine-'.bin2hex(random_bytes(4));
        mkdir($folder, 0700);
        $file = "{$folder}/biomegas.sqlite";
        config(['backup.folder' => "{$folder}/backups", 'pictures.folder' => "{$folder}/pictures", 'answers.database' => "{$folder}/answers.sqlite"]);
        try {
            $tell('Filling: 300 fish, 40 systems, a million lines of log…');
            $user = LargeDatabase::fill($file, $console, self::LOG);
            User::factory()->count(self::PEOPLE - 1)->sequence(fn ($sequence): array => ['email' => "person-{$sequence->index}@biomegas.example"])->create();
            $tell('A month of 20 probes, a reading every ten seconds…');
            $rows = [self::readings()];
            $tell('Asking and writing…');

            return [...$rows, ...self::pages($user), ...self::writes($user), ...self::files($folder), ['the database', self::megabytes((int) filesize($file)).' MB']];
        } finally {
            DB::purge();
            (new Filesystem)->deleteDirectory($folder);
        }
    }

    /** @return array{string, string} */
    private static function readings(): array
    {
        DB::statement('delete from readings');
        $log = new ReadingLog;
        $from = now()->subDays(self::DAYS)->getTimestamp();
        $count = (int) (self::DAYS * 86400 / self::EVERY_SECONDS);
        $begun = hrtime(true);
        for ($probe = 1; $probe <= self::PROBES; $probe++) {
            for ($done = 0; $done < $count; $done += self::AT_ONCE) {
                $batch = [];
                for ($i = $done; $i < min($count, $done + self::AT_ONCE); $i++) {
                    $batch[] = [Quantity::Temperature, new DateTimeImmutable('@'.($from + $i * self::EVERY_SECONDS)), 25 + sin($i / 4000) + ($i % 7) / 50];
                }
                DB::transaction(fn (): int => $log->record($probe, $batch));
            }
        }
        $seconds = (hrtime(true) - $begun) / 1e9;
        $all = self::PROBES * $count;

        return [number_format($all).' readings of a month, posted a thousand at once', sprintf('%.0f s: %s a second (2 a second come in)', $seconds, number_format($all / $seconds))];
    }

    /** @return list<array{string, string}> */
    private static function pages(User $user): array
    {
        return array_map(function (string $path) use ($user): array {
            PageReader::read($path, $user);
            $times = array_map(fn (): float => self::milliseconds(fn () => PageReader::read($path, $user)), range(1, self::ASKED));
            sort($times);

            return ["{$path}, 95 of 100", sprintf('%.0f ms', $times[(int) ceil(0.95 * self::ASKED) - 1])];
        }, self::PAGES);
    }

    /** @return list<array{string, string}> */
    private static function writes(User $user): array
    {
        $times = array_map(fn (int $i): float => self::milliseconds(fn () => DB::transaction(fn () => Note::query()->create(['date' => now()->toDateString(), 'text' => "note {$i}", 'user_id' => $user->id]))), range(1, self::ASKED));
        sort($times);

        return [['a note is written, 95 of 100', sprintf('%.1f ms', $times[(int) ceil(0.95 * self::ASKED) - 1])]];
    }

    /** @return list<array{string, string}> */
    private static function files(string $folder): array
    {
        $backup = self::milliseconds(fn () => BackupWriter::configured()->make()) / 1000;
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $package = self::milliseconds(fn () => PackageWriter::configured()->write("{$folder}/package.zip")) / 1000;
        $memory = memory_get_peak_usage() - $before;

        return [
            ['a backup', sprintf('%.0f s, %d MB', $backup, self::megabytes(BackupFolder::configured()->all()[0]->bytes ?? 0))],
            ['a package of all of it', sprintf('%.0f s, %d MB, %d MB of memory', $package, self::megabytes((int) filesize("{$folder}/package.zip")), self::megabytes($memory))],
        ];
    }

    private static function megabytes(int $bytes): int
    {
        return (int) round($bytes / 1_000_000);
    }

    /** @param  Closure(): mixed  $work */
    private static function milliseconds(Closure $work): float
    {
        $from = hrtime(true);
        $work();

        return (hrtime(true) - $from) / 1e6;
    }
}
