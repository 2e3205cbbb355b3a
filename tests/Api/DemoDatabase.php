<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Facility\CodeVersion;
use Database\Seeders\HeronLockSeeder;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * A database file for each test, copied from one that is filled once for each
 * version of the code: with the demo on a given day, or empty.
 */
final class DemoDatabase
{
    private const KEPT_SECONDS = 86400;

    private static ?string $last = null;

    /** What the code is like, which does not change during a run. */
    private static ?string $code = null;

    public static function use(bool $isFilled): string
    {
        return self::useCopyOf(self::template($isFilled));
    }

    /** What is in use, aside, for tests that begin with what one of them wrote. */
    public static function keep(): string
    {
        $kept = self::$last.'-kept';
        copy((string) self::$last, $kept);
        register_shutdown_function(fn (): bool => @unlink($kept));

        return $kept;
    }

    public static function useCopyOf(string $template): string
    {
        if (self::$last !== null) {
            @unlink(self::$last);
        }
        self::$last = $file = base_path('.state/test-'.getmypid().'-'.hrtime(true).'.sqlite');
        register_shutdown_function(fn (): bool => @unlink($file));
        copy($template, $file);
        self::connectTo($file);

        return $file;
    }

    private static function connectTo(string $file): void
    {
        DB::purge();
        array_map(fn (string $end): bool => @unlink($file.$end), ['-wal', '-shm']);
        // A test need not survive a power cut.
        config(['database.connections.sqlite.database' => $file, 'database.connections.sqlite.synchronous' => 'OFF', 'database.connections.sqlite.journal_mode' => 'MEMORY']);
    }

    /** Of versions past; another process may be copying a younger one. */
    private static function dropOldOnes(): void
    {
        foreach (glob(base_path('.state/template-*.sqlite')) ?: [] as $file) {
            if (filemtime($file) < time() - self::KEPT_SECONDS) {
                unlink($file);
            }
        }
    }

    private static function template(bool $isFilled): string
    {
        self::$code ??= CodeVersion::of(base_path('database')).CodeVersion::of(base_path('core')).CodeVersion::of(base_path('app'));
        $version = substr(hash('xxh128', self::$code.Carbon::now()->toDateString()), 0, 16);
        $file = base_path('.state/template-'.($isFilled ? 'demo' : 'empty')."-{$version}.sqlite");
        if (! is_file($file)) {
            $aside = $file.'-'.getmypid();
            touch($aside);
            self::connectTo($aside);
            app(Kernel::class)->call('migrate', ['--force' => true]);
            if ($isFilled) {
                app(Kernel::class)->call('db:seed', ['--class' => HeronLockSeeder::class, '--force' => true]);
            }
            DB::purge();
            self::dropOldOnes();
            rename($aside, $file);
        }

        return $file;
    }
}
