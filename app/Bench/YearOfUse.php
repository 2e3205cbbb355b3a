<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\User;
use Closure;
use Database\Seeders\HeronLockSeeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Today at Heron Lock, read twice a day for a year: what was worked out on days past must not slow it down. */
final readonly class YearOfUse
{
    public const DAYS = 365;

    private const LOOKED_AT = [1, 10, 46];

    /**
     * @param  Closure(Closure(): mixed): float  $time  milliseconds of some work
     * @return list<array{int, string, string, int}> day, milliseconds, megabytes and number of the answers that are kept
     */
    public static function of(int $days, Closure $time): array
    {
        return TemporaryDatabase::with(HeronLockSeeder::class, function () use ($days, $time): array {
            $user = User::query()->firstOrFail();
            $rows = [];
            $start = now();
            for ($day = 1; $day <= $days; $day++) {
                Carbon::setTestNow($start->copy()->addDays($day));
                PageReader::read('today', $user);
                if ($day === $days || in_array($day, self::LOOKED_AT, true)) {
                    $milliseconds = $time(fn () => PageReader::read('today', $user));
                    $rows[] = [$day, number_format($milliseconds, 1), number_format(self::bytesKept() / 1e6, 2), DB::connection('answers')->table('answers')->count()];
                } else {
                    PageReader::read('today', $user);
                }
            }
            Carbon::setTestNow();

            return $rows;
        });
    }

    private static function bytesKept(): int
    {
        return (int) DB::connection('answers')->selectOne('select page_count * page_size as bytes from pragma_page_count(), pragma_page_size()')->bytes;
    }
}
