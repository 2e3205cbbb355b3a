<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Facility\FacilityReader;
use App\Facility\ProjectionCache;
use App\Repair\UnreadableRows;
use Biomegas\Facility\Fish;
use Closure;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** Chains of homes are kept until somebody they rest on changes: after whatever is written they are what they would be if nothing had been kept. */
final class KeptChainsTest extends ApiTestCase
{
    private int $connections = 0;

    /** @param  Closure(self): mixed  $write */
    #[DataProvider('writes')]
    public function test_what_was_kept_is_what_would_be_found_anew(Closure $write): void
    {
        $kept = $this->memory();
        $before = $this->chains($kept);
        $write($this);
        $after = $this->chains($kept);

        $this->assertSame($this->chains($this->memory()), $after);
        $this->assertNotSame($before, $after, 'the write is one that matters');
    }

    /** @return iterable<string, array{Closure(self): mixed}> */
    public static function writes(): iterable
    {
        yield 'a length' => [fn (self $test) => $test->postJson("/api/v1/fish/{$test->fish('Sedge')}/measurements", ['date' => self::TODAY, 'length' => '23.5 cm', 'method' => 'ruler', 'keep' => true])->assertCreated()];
        yield 'losses' => [fn (self $test) => $test->postJson("/api/v1/fish/{$test->fish('Barbs')}/losses", ['date' => self::TODAY, 'kind' => 'death', 'count' => 10])->assertCreated()];
        yield 'a word on two' => [fn (self $test) => $test->postJson('/api/v1/pair-verdicts', ['one_id' => $test->fish('Pip'), 'other_id' => $test->fish('Thistle'), 'verdict' => 'avoid', 'reason' => 'They fought in spring.'])->assertCreated()];
        yield 'a temper' => [fn (self $test) => DB::table('fish')->where('id', $test->fish('Pip'))->update(['temper' => 'bully'])];
        yield 'another home' => [fn (self $test) => DB::table('stays')->where('fish_id', $test->fish('Sedge'))->whereNull('until')->update(['system_id' => $test->system('Porch tank')])];
        yield 'one home fewer' => [fn () => DB::table('systems')->where('name', 'Kiln vat')->update(['available_from' => '2030-01-01'])];
    }

    private function memory(): Connection
    {
        $memory = DB::connectUsing('kept-chains-'.++$this->connections, ['driver' => 'sqlite', 'database' => ':memory:', 'prefix' => ''], true);
        $this->assertInstanceOf(Connection::class, $memory);

        return $memory;
    }

    /** @return array<string, string> as they are written down, by fish, as a request of its own */
    private function chains(Connection $kept): array
    {
        $answers = new ProjectionCache(fn (): Connection => $kept, 'this release');
        $snapshot = (new FacilityReader($answers, new UnreadableRows))->read();
        $chains = array_map(fn (Fish $fish): string => serialize($snapshot->homesAhead($fish)), $snapshot->facility->fish);
        $answers->keep();

        return $chains;
    }
}
