<?php

declare(strict_types=1);

namespace Tests\Api;

use Closure;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** What pages are made of is kept until something changes that it rests on: after whatever is written they are what they would be if nothing had been kept. */
final class KeptAnswersTest extends ApiTestCase
{
    /** @param  Closure(self): mixed  $write */
    #[DataProvider('writes')]
    public function test_pages_are_what_they_would_be_if_nothing_had_been_kept(Closure $write): void
    {
        $before = $this->pages();
        $write($this);
        $after = $this->pages();
        $this->assertGreaterThan(0, DB::connection('answers')->table('answers')->delete());

        $this->assertSame($this->pages(), $after);
        $this->assertNotSame($before, $after, 'the write is one that matters');
    }

    /** @return iterable<string, array{Closure(self): mixed}> */
    public static function writes(): iterable
    {
        yield 'a length' => [fn (self $test) => $test->postJson("/api/v1/fish/{$test->fish('Sedge')}/measurements", ['date' => self::TODAY, 'length' => '43.5 cm', 'method' => 'ruler', 'keep' => true])->assertCreated()];
        yield 'losses' => [fn (self $test) => $test->postJson("/api/v1/fish/{$test->fish('Barbs')}/losses", ['date' => self::TODAY, 'kind' => 'death', 'count' => 10])->assertCreated()];
        yield 'a test of the water' => [fn (self $test) => $test->postJson("/api/v1/systems/{$test->system('Porch tank')}/water-tests", ['date' => self::TODAY, 'values' => ['nitrate_mg_l' => '88', 'nitrite_mg_l' => '0.9']])->assertCreated()];
        yield 'changes of the water' => [fn () => DB::table('water_works')->where('kind', 'water-change')->update(['share' => 0.05])];
        yield 'what becomes of those in the next home' => [fn () => DB::table('fish')->whereIn('id', DB::table('stays')->whereNull('until')->where('system_id', DB::table('systems')->where('name', 'Kiln vat')->value('id'))->pluck('fish_id'))->update(['temper' => 'bully'])];
        yield 'meals' => [fn () => DB::table('meals')->whereNotNull('food_id')->update(['amount' => DB::raw('amount * 3')])];
        yield 'another home' => [fn (self $test) => DB::table('stays')->where('fish_id', $test->fish('Sedge'))->whereNull('until')->update(['system_id' => $test->system('Cabin tank')])];
        yield 'a home that is not ready' => [fn (self $test) => DB::table('systems')->where('id', $test->system('Kiln vat'))->update(['available_from' => '2030-01-01'])];
        yield 'a place to go' => [fn (self $test) => DB::table('fish')->where('id', $test->fish('Barbs'))->update(['fallback' => 'The public aquarium'])];
        yield 'a mark' => [fn (self $test) => DB::table('fish')->where('id', $test->fish('Sedge'))->update(['band' => 7])];
        yield 'inches' => [fn () => DB::table('facilities')->update(['unit_system' => 'us'])];
    }

    /** @return array<string, string> */
    private function pages(): array
    {
        $pages = ['today', 'food', 'costs', 'company', "fish/{$this->fish('Sedge')}", "fish/{$this->fish('Barbs')}", "systems/{$this->system('Porch tank')}"];
        DB::table('read_marks')->update(['place_mark' => bin2hex(random_bytes(16))]);

        return array_combine($pages, array_map(fn (string $page): string => (string) $this->getJson("/api/v1/{$page}")->assertOk()->getContent(), $pages));
    }
}
