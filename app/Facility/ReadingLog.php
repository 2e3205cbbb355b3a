<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\FacilitySettings;
use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\ReadingDay;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;

/**
 * The readings of probes: every one as it came, and by day of the facility's
 * calendar for charts and growth. They may come late, out of order or twice.
 */
final readonly class ReadingLog
{
    private const PER_STATEMENT = 200;

    /**
     * @param  list<array{Quantity, DateTimeImmutable, float}>  $readings
     * @return int how many were new
     *
     * @throws InvalidEntry naming the reading that was taken before the system was there
     */
    public function record(int $systemId, array $readings): int
    {
        $new = 0;
        $days = [];
        $zone = new DateTimeZone(FacilitySettings::query()->firstOrFail()->time_zone);
        $since = LocalDate::fromIso(Systems::inUseSince($systemId));
        foreach ($readings as $i => [, $at]) {
            ReadingDay::check("readings.{$i}.taken_at", LocalDate::fromIso($at->setTimezone($zone)->format('Y-m-d')), $since);
        }
        foreach (array_chunk($readings, self::PER_STATEMENT) as $some) {
            $new += DB::table('readings')->insertOrIgnore(array_map(fn (array $reading): array => [
                'system_id' => $systemId, 'quantity' => $reading[0]->value, 'taken_at' => $reading[1]->getTimestamp(), 'value' => $reading[2],
            ], $some));
        }
        foreach ($readings as [$quantity, $at]) {
            $days[$quantity->value][$at->setTimezone($zone)->format('Y-m-d')] = true;
        }
        foreach ($days as $quantity => $of) {
            foreach (array_keys($of) as $day) {
                $this->sumUp($systemId, $quantity, $day, $zone);
            }
            if ($quantity === Quantity::Temperature->value) {
                $this->sumUpWeeks($systemId, (string) min(array_keys($of)));
            }
        }

        return $new;
    }

    /** Sums up the weeks of a system from its days, since that day. */
    public function sumUpWeeks(int $systemId, string $since): void
    {
        $week = 'cast(julianday(day) - 2440587.5 as integer) / 7';
        $rows = DB::table('daily_readings')->where('system_id', $systemId)->where('quantity', Quantity::Temperature->value)
            ->whereRaw("{$week} >= cast(julianday(?) - 2440587.5 as integer) / 7", [$since])
            ->selectRaw("system_id, {$week} as week, date((julianday(min(day)) + julianday(max(day))) / 2) as middle, max(day) as last_day, avg(mean) as mean")
            ->groupBy('system_id')->groupByRaw($week)->get();
        foreach ($rows->chunk(self::PER_STATEMENT) as $some) {
            DB::table('weekly_temperatures')->upsert(array_values($some->map(fn (object $row): array => (array) $row)->all()), ['system_id', 'week'], ['middle', 'last_day', 'mean']);
        }
    }

    /**
     * The end is the start of the next day and not 24 hours later: where clocks
     * change at midnight, that is another hour.
     *
     * @param  DateTimeImmutable  $start  of a day, with its zone
     * @return array{int, int} its first second, and that of the next day
     */
    public static function boundsOf(DateTimeImmutable $start): array
    {
        return [$start->getTimestamp(), $start->modify('tomorrow')->getTimestamp()];
    }

    private function sumUp(int $systemId, string $quantity, string $day, DateTimeZone $zone): void
    {
        [$start, $end] = self::boundsOf(new DateTimeImmutable($day, $zone));
        $sum = DB::table('readings')->where('system_id', $systemId)->where('quantity', $quantity)
            ->where('taken_at', '>=', $start)->where('taken_at', '<', $end)
            ->selectRaw('min(value) as low, avg(value) as mean, max(value) as high, count(*) as count')->first();
        DB::table('daily_readings')->upsert([
            'system_id' => $systemId, 'quantity' => $quantity, 'day' => $day,
            'low' => $sum?->low, 'mean' => $sum?->mean, 'high' => $sum?->high, 'count' => $sum?->count,
        ], ['system_id', 'quantity', 'day'], ['low', 'mean', 'high', 'count']);
    }
}
