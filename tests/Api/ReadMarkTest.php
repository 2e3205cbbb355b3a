<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Facility\FacilityReader;
use App\Facility\ProjectionCache;
use App\Facility\ReadMark;
use App\Repair\UnreadableRows;
use Closure;
use Illuminate\Database\Connection;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** The facility is read once, until a row changes from which it is read. */
final class ReadMarkTest extends ApiTestCase
{
    private Connection $answers;

    protected function fill(): void
    {
        parent::fill();
        $this->answers = $this->memory('marked');
    }

    public function test_every_table_from_which_the_facility_is_read_is_marked(): void
    {
        // With meals written down no plan would be asked for.
        DB::table('fed_weeks')->delete();
        $read = array_values(array_unique(array_merge(...array_map($this->tablesIn(...), $this->queriesOf(fn () => $this->read($this->memory('none')))))));
        $triggers = DB::table('sqlite_master')->where('type', 'trigger')->pluck('name')->all();

        $this->assertSame([], array_diff(['fish', 'measurements', 'foods', 'feeding_plans'], $read));
        foreach (array_diff($read, ['read_marks']) as $table) {
            $this->assertSame([], array_diff(["{$table}_marked_at_insert", "{$table}_marked_at_update", "{$table}_marked_at_delete"], $triggers), $table);
        }
    }

    public function test_what_is_as_it_was_is_not_read_again(): void
    {
        $this->read($this->answers);
        $again = $this->queriesOf(fn () => $this->read($this->answers));

        $this->assertSame(['facilities', 'read_marks'], array_merge(...array_map($this->tablesIn(...), $again)));
        $this->assertSame(1, $this->answers->table('answers')->where('answer', 'like', '%FacilityReading%')->count());
    }

    /** @param  Closure(self): mixed  $write */
    #[DataProvider('writes')]
    public function test_after_a_write_it_is_as_if_nothing_had_been_kept(Closure $write): void
    {
        $before = $this->read($this->answers);
        $write($this);
        $after = $this->read($this->answers);

        $this->assertNotSame($before, $after, 'the write is one that matters');
        $this->assertSame($this->read($this->memory('anew')), $after);
        $this->assertSame(1, $this->answers->table('answers')->where('answer', 'like', '%FacilityReading%')->count(), 'the last alone');
    }

    /** @return iterable<string, array{Closure(self): mixed}> */
    public static function writes(): iterable
    {
        yield 'a length' => [fn (self $test) => $test->postJson("/api/v1/fish/{$test->fish('Sedge')}/measurements", ['date' => self::TODAY, 'length' => '23.5 cm', 'method' => 'ruler', 'keep' => true])->assertCreated()];
        yield 'a loss' => [fn (self $test) => $test->postJson("/api/v1/fish/{$test->fish('Barbs')}/losses", ['date' => self::TODAY, 'kind' => 'death', 'count' => 1])->assertCreated()];
        yield 'another answer in the rulebook' => [fn () => DB::table('facilities')->update(['horizon_days' => 400])];
        yield 'a species' => [fn () => DB::table('species')->where('id', DB::table('fish')->min('species_id'))->update(['own' => '{"mouth_ratio": 0.21}'])];
        yield 'what was fed' => [fn () => DB::table('fed_weeks')->delete()];
        yield 'a week of warm water' => [fn () => DB::table('weekly_temperatures')->update(['mean' => 29.5])];
    }

    public function test_what_was_undone_and_done_otherwise_is_told_apart(): void
    {
        $marks = [ReadMark::now()];
        foreach (['Ann', 'Ben'] as $name) {
            DB::beginTransaction();
            DB::table('fish')->where('id', $this->fish('Sedge'))->update(['name' => $name]);
            $marks[] = ReadMark::now();
            DB::rollBack();
        }
        $marks[] = ReadMark::now();

        $this->assertSame($marks[0], $marks[3]);
        $this->assertCount(3, array_unique($marks));
    }

    public function test_without_a_mark_it_is_read_each_time(): void
    {
        DB::table('read_marks')->delete();
        $before = $this->read($this->answers);
        DB::table('fish')->where('id', $this->fish('Sedge'))->update(['name' => 'Rush the younger']);

        $this->assertNotSame($before, $this->read($this->answers));
    }

    public function test_a_row_that_cannot_be_read_is_told_each_time(): void
    {
        DB::table('measurements')->where('id', DB::table('measurements')->min('id'))->update(['date' => 'yesterday']);

        $this->read($this->answers);
        $unreadable = new UnreadableRows;
        (new FacilityReader(new ProjectionCache(fn (): Connection => $this->answers, 'this release'), $unreadable))->read();

        $this->assertCount(1, $unreadable->all());
    }

    private function memory(string $name): Connection
    {
        $memory = DB::connectUsing("facility-{$name}", ['driver' => 'sqlite', 'database' => ':memory:', 'prefix' => ''], true);
        $this->assertInstanceOf(Connection::class, $memory);

        return $memory;
    }

    /** @return string the facility as it is written down, as a request of its own */
    private function read(Connection $kept): string
    {
        $answers = new ProjectionCache(fn (): Connection => $kept, 'this release');
        $snapshot = (new FacilityReader($answers, new UnreadableRows))->read();
        $answers->keep();

        return serialize($snapshot->facility);
    }

    /**
     * @param  Closure(): mixed  $do
     * @return list<string>
     */
    private function queriesOf(Closure $do): array
    {
        $queries = [];
        DB::listen(function (QueryExecuted $query) use (&$queries): void {
            if ($query->connectionName === config('database.default')) {
                $queries[] = $query->sql;
            }
        });
        $do();

        return $queries;
    }

    /** @return list<string> */
    private function tablesIn(string $sql): array
    {
        preg_match_all('/(?:from|join)\s+"?(\w+)"?/', $sql, $found);

        return $found[1];
    }
}
