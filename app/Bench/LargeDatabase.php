<?php

declare(strict_types=1);

namespace App\Bench;

use App\Facility\ReadingLog;
use App\Feeding\ShippedFoods;
use App\Log\LogIndex;
use App\Models\FacilitySettings;
use App\Models\Role;
use App\Models\User;
use App\Species\ShippedSpecies;
use Biomegas\Calendar\LocalDate;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Support\Facades\DB;

/** The big demo in a database of its own: 300 fish in 40 systems with two years of log and readings every ten minutes. Invented. */
final readonly class LargeDatabase
{
    private const SYSTEMS = 40;

    private const FISH = 300;

    private const LENGTHS = 6;

    /** Systems whose every reading is kept; all have their days. */
    private const PROBED = 4;

    private const READINGS = 50_000;

    private const LOG = 100_000;

    private const DAYS = 730;

    private const TEN_MINUTES = 600;

    private const FED_DAYS = 400;

    private const PER_STATEMENT = 200;

    private const AT_ONCE = 10_000;

    /** Points the application to a new file and fills it; the caller deletes it. */
    public static function fill(string $file, Console $console, int $log = self::LOG): User
    {
        touch($file);
        config(['database.connections.sqlite.database' => $file]);
        DB::purge();
        $console->call('migrate', ['--force' => true]);
        FacilitySettings::query()->create(['name' => 'Large', 'unit_system' => 'metric', 'time_zone' => 'Europe/London', 'horizon_days' => 730, 'rulebook' => []]);
        $user = User::query()->create(['name' => 'Bench', 'email' => 'bench@biomegas.example', 'password' => 'bench', 'role' => Role::Owner]);
        ShippedSpecies::install();
        DB::transaction(function () use ($log): void {
            self::systems();
            self::fish();
            self::water();
            self::food();
            self::notes($log);
        });
        // As the queue does it, aside.
        app(LogIndex::class)->tell(PHP_INT_MAX);

        return $user;
    }

    private static function systems(): void
    {
        self::insert('systems', array_map(fn (int $i): array => [
            'id' => $i, 'name' => "System {$i}", 'kind' => 'tank', 'walk_order' => $i,
            'description' => json_encode([
                'shape' => ['type' => 'box', 'length_mm' => 1500 + 60 * $i, 'width_mm' => 600 + 20 * $i, 'depth_mm' => 700], 'temperature_c' => 25 + $i % 3,
                'filter' => ['media' => 'carriers', 'litres' => 30 + $i], 'turnover_l_h' => 5000, 'weekly_change' => 0.4, 'ph' => 7.2,
            ], JSON_THROW_ON_ERROR),
        ], range(1, self::SYSTEMS)));
    }

    private static function fish(): void
    {
        $kinds = DB::table('species')->limit(30)->pluck('id')->all();
        [$fish, $stays, $lengths] = [[], [], []];
        for ($i = 1; $i <= self::FISH; $i++) {
            $fish[] = ['id' => $i, 'name' => "Fish {$i}", 'species_id' => $kinds[$i % count($kinds)], 'arrived_on' => self::daysAgo(450), 'band' => $i % 8];
            $stays[] = ['fish_id' => $i, 'system_id' => 1 + $i % self::SYSTEMS, 'from' => self::daysAgo(450)];
            for ($n = 0; $n < self::LENGTHS; $n++) {
                $lengths[] = ['fish_id' => $i, 'date' => self::daysAgo(450 - 80 * $n), 'length_tenth_mm' => 700 + 250 * $n + $i % 90, 'method' => 'picture'];
            }
        }
        self::insert('fish', $fish);
        self::insert('stays', $stays);
        self::insert('measurements', $lengths);
    }

    private static function water(): void
    {
        [$days, $tests, $works] = [[], [], []];
        for ($system = 1; $system <= self::SYSTEMS; $system++) {
            for ($day = self::DAYS; $day >= 0; $day--) {
                $mean = 25.0 + $system % 3 + sin($day / 9);
                $days[] = ['system_id' => $system, 'quantity' => 'temperature_c', 'day' => self::daysAgo($day), 'low' => $mean - 0.3, 'mean' => $mean, 'high' => $mean + 0.3, 'count' => 144];
                if ($day % 14 === 0) {
                    $tests[] = ['system_id' => $system, 'date' => self::daysAgo($day), 'values' => '{"nitrate_mg_l":'.(30 + $day % 5).',"ammonia_mg_l":0,"nitrite_mg_l":0,"ph":7.2}'];
                }
                if ($day % 7 === 3) {
                    $works[] = ['system_id' => $system, 'date' => self::daysAgo($day), 'kind' => 'water-change', 'share' => 0.4];
                }
            }
        }
        self::insert('daily_readings', $days);
        for ($system = 1; $system <= self::SYSTEMS; $system++) {
            (new ReadingLog)->sumUpWeeks($system, self::daysAgo(self::DAYS));
        }
        self::insert('water_tests', $tests);
        self::insert('water_works', $works);
        for ($system = 1; $system <= self::PROBED; $system++) {
            $now = now()->getTimestamp();
            self::insert('readings', array_map(fn (int $i): array => [
                'system_id' => $system, 'quantity' => 'temperature_c', 'taken_at' => $now - self::TEN_MINUTES * $i, 'value' => 25 + sin($i / 40),
            ], range(0, self::READINGS - 1)));
        }
    }

    /** Two foods a day in every system for a year and more, summed up over two. */
    private static function food(): void
    {
        ShippedFoods::install();
        [$plans, $meals, $weeks, $stock] = [[], [], [], []];
        for ($system = 1; $system <= self::SYSTEMS; $system++) {
            $plans[] = ['system_id' => $system, 'parts' => '[{"food_id":1,"share":0.7},{"food_id":7,"share":0.3}]', 'of_ration' => 1, 'times' => 2, 'fasting' => '[7]'];
            for ($day = self::FED_DAYS; $day >= 1; $day--) {
                foreach ([1, 7] as $food) {
                    $meals[] = ['system_id' => $system, 'food_id' => $food, 'date' => self::daysAgo($day), 'time' => '08:30', 'outcome' => 'eaten', 'amount' => 12, 'eaten_share' => 1, 'dry_grams' => 12, 'protein' => 0.42, 'cost' => 0.1, 'ration_grams' => 24];
                }
            }
            for ($week = 1; $week <= self::DAYS / 7; $week++) {
                $weeks[] = ['system_id' => $system, 'monday' => LocalDate::fromIso(self::daysAgo(7 * $week))->monday()->toIso(), 'days' => 6, 'ration_grams' => 144, 'given_grams' => 144, 'eaten_grams' => 130 + ($week + $system) % 30, 'protein_grams' => 60, 'cost' => 1.2];
            }
        }
        for ($day = self::DAYS; $day >= 0; $day -= 30) {
            $stock[] = ['food_id' => 1, 'date' => self::daysAgo($day), 'kind' => 'bought', 'amount' => 15_000, 'price' => 150];
        }
        foreach (['feeding_plans' => $plans, 'meals' => $meals, 'fed_weeks' => $weeks, 'stock_entries' => $stock] as $table => $rows) {
            self::insert($table, $rows);
        }
    }

    /** Until the log has so many entries, in words that repeat as a keeper's do. */
    private static function notes(int $log): void
    {
        $words = ['eats', 'shy', 'filter', 'gurgles', 'glass', 'scratches', 'calm', 'cloudy', 'heater', 'pump', 'algae', 'prawns', 'flashing', 'torn', 'healed', 'night', 'feeding', 'corner', 'current', 'warm'];
        $notes = [];
        for ($i = DB::table('log_lines')->count(); $i < $log; $i++) {
            if (count($notes) === self::AT_ONCE) {
                self::insert('notes', $notes);
                $notes = [];
            }
            $notes[] = ['fish_id' => 1 + $i % self::FISH, 'system_id' => null, 'date' => self::daysAgo($i * 7 % 450), 'time' => sprintf('%02d:%02d', $i % 24, $i % 60), 'text' => implode(' ', array_map(fn (int $n): string => $words[($i * $n + $n) % count($words)], [1, 3, 7, 11, 13]))." {$i}"];
        }
        self::insert('notes', $notes);
    }

    /** @param  list<array<string, mixed>>  $rows */
    private static function insert(string $table, array $rows): void
    {
        foreach (array_chunk($rows, self::PER_STATEMENT) as $some) {
            DB::table($table)->insert($some);
        }
    }

    private static function daysAgo(int $days): string
    {
        return now()->subDays($days)->toDateString();
    }
}
