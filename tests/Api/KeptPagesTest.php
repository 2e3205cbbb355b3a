<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Facility\ReadMark;
use App\Http\Middleware\AnswerAsBefore;
use App\Models\Role;
use App\Models\User;
use App\Models\Watch;
use Closure;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Routing\Route;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\DataProvider;

/** A page is worked out once, until anything changes that it could tell of. */
final class KeptPagesTest extends ApiTestCase
{
    public function test_every_table_that_such_a_page_reads_is_marked(): void
    {
        $triggers = DB::table('sqlite_master')->where('type', 'trigger')->pluck('name')->all();
        foreach (self::pages() as $page) {
            $read = $this->tablesReadBy(fn () => $this->anew($page));
            $this->assertContains('read_marks', $read, $page);
            foreach (array_diff($read, ['read_marks', 'sign_ins', 'sqlite_master']) as $table) {
                $this->assertSame([], array_diff(array_map(fn (string $change): string => "{$table}_marked_in_place_at_{$change}", ['insert', 'update', 'delete']), $triggers), "{$table} of {$page}");
            }
        }
    }

    public function test_what_is_kept_is_what_would_be_worked_out_at_any_hour(): void
    {
        foreach (self::pages() as $page) {
            foreach (['07:00', '12:30', '22:15'] as $time) {
                Carbon::setTestNow(self::TODAY." {$time}:00");
                $anew = '';
                $queries = $this->queriesOf(function () use ($page, &$anew): void {
                    $anew = $this->anew($page);
                });
                $this->assertSame($anew, $this->page($page), "{$page} at {$time}");
                $this->assertLessThan(count($queries), count($this->queriesOf(fn () => $this->page($page))), "{$page} at {$time} is not worked out again");
            }
        }
    }

    /** @param  Closure(self): mixed  $write */
    #[DataProvider('writes')]
    public function test_after_a_write_it_tells_of_it(string $page, Closure $write): void
    {
        $before = $this->page($page);
        $write($this);
        $after = $this->page($page);

        $this->assertNotSame($before, $after, 'the write is one that matters');
        $this->assertSame($this->anew($page), $after);
    }

    /** @return iterable<string, array{string, Closure(self): mixed}> */
    public static function writes(): iterable
    {
        yield 'a length' => ['fish', fn (self $test) => $test->postJson("/api/v1/fish/{$test->fish('Sedge')}/measurements", ['date' => self::TODAY, 'length' => '23.5 cm', 'method' => 'ruler', 'keep' => true])->assertCreated()];
        yield 'a test of the water' => ['systems', fn (self $test) => $test->postJson('/api/v1/systems/1/water-tests', ['date' => self::TODAY, 'values' => ['nitrate_mg_l' => '77']])->assertCreated()];
        yield 'a day of probes' => ['today', fn () => DB::table('daily_readings')->where('day', '>=', '2027-03-10')->update(['mean' => 35.5, 'low' => 35, 'high' => 36])];
        yield 'food that ran out' => ['food', fn () => DB::table('stock_entries')->delete()];
        yield 'inches' => ['fish', fn () => DB::table('facilities')->update(['unit_system' => 'us'])];
    }

    public function test_the_next_day_it_is_worked_out_anew(): void
    {
        $today = $this->page('today');
        Carbon::setTestNow(Carbon::parse(self::TODAY)->addDay()->setTime(9, 0));
        $tomorrow = $this->page('today');
        Carbon::setTestNow(self::TODAY.' 09:00:00');

        $this->assertNotSame(json_decode($today, true)['date'], json_decode($tomorrow, true)['date']);
        $this->assertSame($today, $this->page('today'));
    }

    public function test_where_somebody_is_watched_it_holds_for_a_minute(): void
    {
        Watch::query()->whereNull('ended')->delete();
        $this->postJson("/api/v1/fish/{$this->fish('Sedge')}/watches")->assertCreated();
        $soon = $this->page('today');
        Carbon::setTestNow(self::TODAY.' 23:50:00');

        $this->assertNotSame($soon, $this->page('today'));
        $this->assertSame($this->anew('today'), $this->page('today'));
    }

    public function test_each_person_is_answered_for_themselves(): void
    {
        $this->page('today');
        $other = User::query()->create(['name' => 'Another', 'email' => 'another@heronlock.example', 'password' => 'long enough words', 'role' => Role::Viewer]);
        $this->page('today');
        $this->actingAs($other);

        $this->assertContains('water_tests', $this->tablesReadBy(fn () => $this->page('today')));
    }

    public function test_what_was_refused_or_is_not_there_is_not_kept(): void
    {
        $kept = fn (): int => DB::connection('answers')->table('pages')->count();
        $this->anew('today');
        $one = $kept();
        $this->getJson('/api/v1/fish/999999')->assertNotFound();
        $this->getJson('/api/v1/weigh-up?species_id=0')->assertUnprocessable();
        $this->assertSame([1, 1], [$one, $kept()]);
        $this->app->make('auth')->guard('web')->logout();

        $this->getJson('/api/v1/today')->assertUnauthorized();
    }

    public function test_without_a_mark_it_is_worked_out_each_time(): void
    {
        DB::table('read_marks')->delete();
        $this->assertNull(ReadMark::ofThePlace());
        $this->page('today');

        $this->assertContains('water_tests', $this->tablesReadBy(fn () => $this->page('today')));
    }

    /** @return list<string> an address of each page that is kept */
    private static function pages(): array
    {
        $routes = array_filter(Routes::getRoutes()->getRoutes(), fn (Route $route): bool => in_array(AnswerAsBefore::class, $route->gatherMiddleware(), true));
        $known = ['fish' => 'fish', 'system' => 'systems', 'species' => 'species', 'sheet' => 'move_sheets', 'watch' => 'watches'];

        return array_values(array_map(fn (Route $route): string => (string) preg_replace_callback('/\{(\w+)\}/', fn (array $name): string => (string) DB::table($known[$name[1]])->min('id'), substr($route->uri(), strlen('api/v1/'))).($route->uri() === 'api/v1/weigh-up' ? '?species_id=1' : ''), $routes));
    }

    private function page(string $page): string
    {
        return (string) $this->getJson("/api/v1/{$page}")->assertOk()->getContent();
    }

    private function anew(string $page): string
    {
        DB::table('read_marks')->update(['place_mark' => bin2hex(random_bytes(16))]);

        return $this->page($page);
    }

    /**
     * @param  Closure(): mixed  $do
     * @return list<string>
     */
    private function tablesReadBy(Closure $do): array
    {
        preg_match_all('/(?:from|join)\s+"?(\w+)"?/', implode(";\n", $this->queriesOf($do)), $found);

        return array_values(array_unique($found[1]));
    }

    /**
     * @param  Closure(): mixed  $do
     * @return list<string>
     */
    private function queriesOf(Closure $do): array
    {
        $queries = [];
        $listens = true;
        DB::listen(function (QueryExecuted $query) use (&$queries, &$listens): void {
            if ($listens && $query->connectionName === config('database.default')) {
                $queries[] = $query->sql;
            }
        });
        $do();
        $listens = false;

        return $queries;
    }
}
