<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Facility\CodeVersion;
use App\Facility\ProjectionCache;
use Closure;
use Illuminate\Database\Connection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

final class ProjectionCacheTest extends ApiTestCase
{
    private Connection $memory;

    private int $computed = 0;

    protected function fill(): void
    {
        $memory = DB::connectUsing('kept-answers', ['driver' => 'sqlite', 'database' => ':memory:', 'prefix' => ''], true);
        $this->assertInstanceOf(Connection::class, $memory);
        $this->memory = $memory;
    }

    public function test_an_answer_is_computed_once_until_its_input_or_the_code_changes(): void
    {
        $this->assertSame([1, 2], [$this->ask('a', [1]), $this->ask('a', [2])]);
        $this->assertSame([1, 2], [$this->ask('a', [1]), $this->ask('a', [2])], 'as it was');
        $this->assertSame(3, $this->ask('b', [1]), 'of another group');
        $this->assertSame(4, $this->ask('a', [1], code: 'next release'), 'of other code');
        $this->assertSame(4, $this->memory->table('answers')->count(), 'a row each');
    }

    public function test_answers_of_one_name_are_read_together_once_several_are_wanted(): void
    {
        $keep = new ProjectionCache(fn (): Connection => $this->memory, 'this release');
        foreach (['row', 'sheet'] as $name) {
            for ($fish = 1; $fish <= 50; $fish++) {
                $keep->of('a', $name, [$fish], fn (): string => "{$name} {$fish}");
            }
        }
        $keep->keep();
        $answers = new ProjectionCache(fn (): Connection => $this->memory, 'this release');
        $answers->of('a', 'row', [1], fn (): string => 'worked out anew');
        $this->memory->enableQueryLog();
        for ($fish = 50; $fish >= 1; $fish--) {
            $this->assertSame("row {$fish}", $answers->of('a', 'row', [$fish], fn (): string => 'worked out anew'));
        }
        $queries = $this->memory->getQueryLog();
        $this->assertCount(3, $queries, 'two more by themselves, then all');
        $this->memory->flushQueryLog();
        $this->assertSame('sheet 7', $answers->of('a', 'sheet', [7], fn (): string => 'worked out anew'));
        $this->assertCount(1, $this->memory->getQueryLog(), 'of a large answer that is wanted of one fish, that one alone is read');
    }

    public function test_names_that_begin_alike_are_not_mistaken_for_each_other(): void
    {
        $keep = new ProjectionCache(fn (): Connection => $this->memory, 'this release');
        foreach (['full', 'full by those who leave', 'ful'] as $name) {
            foreach ([1, 2, 3, 4, 5] as $system) {
                $keep->of('a', $name, [$system], fn (): string => "{$name} {$system}");
            }
        }
        $keep->keep();
        $answers = new ProjectionCache(fn (): Connection => $this->memory, 'this release');
        foreach ([1, 2, 3, 4, 5] as $system) {
            foreach (['ful', 'full', 'full by those who leave'] as $name) {
                $this->assertSame("{$name} {$system}", $answers->of('a', $name, [$system], fn (): string => 'worked out anew'));
            }
        }
    }

    public function test_an_answer_stands_while_what_it_turned_out_to_rest_on_is_what_it_was(): void
    {
        $this->assertSame(1, $this->askResting(['porch' => 'three', 'sluice' => 'two']));
        $this->assertSame(1, $this->askResting(['porch' => 'three', 'sluice' => 'none']), 'nobody looked there');
        $this->assertSame(2, $this->askResting(['porch' => 'four', 'sluice' => 'none']));
        $this->assertSame(2, $this->askResting(['porch' => 'four', 'sluice' => 'two']));
        $this->assertSame(1, $this->memory->table('answers')->count(), 'the last alone');
    }

    public function test_of_what_changes_as_a_whole_the_last_alone_is_kept_and_only_if_it_may_be(): void
    {
        $this->assertSame([1, 1], [$this->askLast('morning'), $this->askLast('morning')]);
        $this->assertSame(2, $this->askLast('noon'));
        $this->assertSame(1, $this->memory->table('answers')->count(), 'the last alone');
        $this->assertSame(3, $this->askLast('morning'), 'what is gone is computed anew');

        $this->assertSame([4, 5], [$this->askLast('evening', mayBeKept: false), $this->askLast('evening', mayBeKept: false)]);
        $this->assertSame(3, $this->askLast('morning'), 'what may not be kept takes nothing out');
    }

    public function test_days_past_are_dropped(): void
    {
        $this->ask('first day', [1]);
        for ($day = 1; $day <= 30; $day++) {
            Carbon::setTestNow(Carbon::parse(self::TODAY)->addDays($day));
            $this->ask("day {$day}", [1]);
        }
        $this->assertLessThanOrEqual(4, $this->memory->table('answers')->count());
        $this->assertSame(32, $this->ask('first day', [1]), 'computed anew');
    }

    public function test_many_changes_in_one_day_keep_the_newest_groups_alone(): void
    {
        for ($change = 1; $change <= 30; $change++) {
            $this->ask("change {$change}", [1]);
        }
        $this->assertLessThanOrEqual(7, $this->memory->table('answers')->count());
        $this->assertSame(30, $this->ask('change 30', [1]));
    }

    public function test_what_lasts_stays_when_days_pass_and_systems_change_for_two_months(): void
    {
        $lasting = fn (string $of, string $restsOn): int => $this->askLasting($of, $restsOn);
        $this->assertSame([1, 2], [$lasting('Bramble', 'four lengths'), $lasting('Moss', 'two lengths')]);
        for ($change = 1; $change <= 30; $change++) {
            $this->ask("change {$change}", [1]);
        }
        Carbon::setTestNow(Carbon::parse(self::TODAY)->addDays(50));
        $this->ask('another day', [1]);
        $this->assertSame([1, 2], [$lasting('Bramble', 'four lengths'), $lasting('Moss', 'two lengths')]);
        $this->assertSame(34, $lasting('Moss', 'three lengths'), 'what it rests on has changed');
        $this->assertSame(34, $lasting('Moss', 'three lengths'));
        $this->assertSame(2, $this->memory->table('answers')->where('group', 'like', 'lasting%')->count(), 'the last of each');

        Carbon::setTestNow(Carbon::parse(self::TODAY)->addDays(61));
        $this->ask('much later', [1]);
        $this->assertSame(36, $lasting('Bramble', 'four lengths'), 'of fish that are gone nothing stays for ever');
        $this->assertSame(34, $lasting('Moss', 'three lengths'));
    }

    public function test_a_file_that_cannot_be_used_slows_down_and_takes_nothing_down(): void
    {
        $file = base_path('.state/damaged-answers.sqlite');
        file_put_contents($file, str_repeat('this is no database ', 100));
        config(['answers.database' => $file]);
        DB::purge('answers');
        DemoDatabase::use(isFilled: true);
        $this->actingAs(\App\Models\User::query()->firstOrFail());

        $this->getJson('/api/v1/fish')->assertOk();
        unlink($file);
    }

    public function test_the_version_of_the_code_follows_its_files(): void
    {
        $folder = base_path('.state/code-version');
        @mkdir($folder);
        file_put_contents("{$folder}/A.php", 'one');
        $before = CodeVersion::of($folder);
        $this->assertSame($before, CodeVersion::of($folder));
        file_put_contents("{$folder}/A.php", 'two');

        $this->assertNotSame($before, CodeVersion::of($folder));
    }

    /** @return int how many had been computed when it was, as a request of its own */
    private function askLast(string $state, bool $mayBeKept = true): int
    {
        $answers = new ProjectionCache(fn (): Connection => $this->memory, 'this release');
        $answer = $answers->last('whole', $state, fn (): array => [++$this->computed, $mayBeKept]);
        $answers->keep();

        return $answer;
    }

    /**
     * As a request of its own, for what rests on the porch alone.
     *
     * @param  array<string, string>  $residents  by home
     * @return int how many had been computed when it was
     */
    private function askResting(array $residents): int
    {
        $answers = new ProjectionCache(fn (): Connection => $this->memory, 'this release');
        $answer = $answers->restingOn('a', 'one', [1], fn (): array => [++$this->computed, 'porch'], fn (string $home): string => $residents[$home]);
        $answers->keep();

        return $answer;
    }

    /** @return int how many had been computed when it was, as a request of its own */
    private function askLasting(string $of, string $restsOn): int
    {
        $answers = new ProjectionCache(fn (): Connection => $this->memory, 'this release');
        $answer = $answers->restingOn(ProjectionCache::LASTING.'a', 'one', [$of], fn (): array => [++$this->computed, ''], fn (): string => $restsOn);
        $answers->keep();

        return $answer;
    }

    /**
     * As a request of its own.
     *
     * @param  list<mixed>  $input
     * @return int how many had been computed when it was
     */
    private function ask(string $group, array $input, string $code = 'this release'): int
    {
        $answers = new ProjectionCache(Closure::fromCallable(fn (): Connection => $this->memory), $code);
        $answer = $answers->of($group, 'one', $input, fn (): int => ++$this->computed);
        $answers->keep();

        return $answer;
    }
}
