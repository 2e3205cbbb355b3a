<?php

declare(strict_types=1);

namespace Tests\Api;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is stored and cannot be read takes no page down: it is left out, named on Today, and mended there. */
final class UnreadableRowsTest extends ApiTestCase
{
    /** @return iterable<string, array{string, string, string}> table, what befalls its first row, and the column to mend */
    public static function damages(): iterable
    {
        yield 'a length of the year 1' => ['measurements', "date = '0001-01-01'", 'date'];
        yield 'a length by no method' => ['measurements', "method = 'guess'", 'method'];
        yield 'a day of hatching of the year 25' => ['fish', "hatched_on = '0025-01-06'", 'hatched_on'];
        yield 'a fish that is surely something else' => ['fish_candidates', 'weight = 7', 'weight'];
        yield 'a stay since no day' => ['stays', "\"from\" = 'soon'", 'from'];
        yield 'a loss beyond the calendar' => ['losses', "date = '2202-01-01'", 'date'];
        yield 'a count of some sort' => ['counts', "kind = 'roughly'", 'kind'];
        yield 'an incident of no act' => ['incidents', "act = 'glare'", 'act'];
        yield 'a move before Christ' => ['moves', "date = '-044-03-15'", 'date'];
        yield 'a species as heavy as the sun' => ['species', "own = '{\"length_weight\":{\"a\":0.01,\"b\":305}}'", 'own'];
        yield 'a species that lives for ever' => ['species', "own = '{\"lifespan_years\":{\"low\":1,\"high\":1e308}}'", 'own'];
        yield 'a system without a shape' => ['systems', "description = '{}'", 'description'];
        yield 'a rulebook in tatters' => ['facilities', "rulebook = '{\"swim_slow\":-3}'", 'rulebook'];
        yield 'a water test of words' => ['water_tests', "\"values\" = '{\"ph\":\"sour\"}', date = '2027-03-10'", 'values'];
        yield 'a water change of the year 9999' => ['water_works', "date = '9999-12-31', kind = 'water-change'", 'date'];
        yield 'a week of the year 1' => ['weekly_temperatures', "middle = '0001-01-03', last_day = '0001-01-06'", 'middle'];
        yield 'a reading of tomorrow\'s century' => ['daily_readings', "day = '2999-01-01'", 'day'];
        yield 'a quarantine since never' => ['quarantines', "\"from\" = 'never', released_on = null", 'from'];
        yield 'a treatment until 2202' => ['treatments', "until = '2202-12-31', withdrawal = null, \"from\" = '2027-03-12'", 'until'];
        yield 'a watch that began at noon' => ['watches', "began_at = 'noon', ended = null", 'began_at'];
        yield 'a sheet for some day' => ['move_sheets', "planned_on = 'some day', finished_at = null, cancelled_at = null", 'planned_on'];
    }

    #[DataProvider('damages')]
    public function test_every_page_is_still_there(string $table, string $damage, string $column): void
    {
        $id = $this->damage($table, $damage);
        $system = $this->system('Kiln vat') === $id && $table === 'systems' ? $this->system('Gauge tank') : $this->system('Kiln vat');

        $today = $this->getJson('/api/v1/today')->assertOk();
        foreach (['fish', 'systems', "systems/{$system}", 'moves', 'rulebook', 'species', 'fish/'.$this->fish('Thistle')] as $page) {
            $this->getJson("/api/v1/{$page}")->assertOk();
        }
        $named = array_map(fn (array $row): array => [$row['table'], $row['id'], in_array($column, array_column($row['values'], 'column'), true)], $today->json('unreadable'));
        $this->assertContains([$table, $id, true], $named);
        $this->assertNotSame('', $today->json('unreadable.0.reason'));
    }

    public function test_a_row_is_corrected_and_counts_again(): void
    {
        $id = $this->damage('measurements', "date = '0001-01-01'", 'fish_id = '.$this->fish('Moss'));
        $this->getJson('/api/v1/today')->assertJsonPath('unreadable.0.name', 'Moss')->assertJsonPath('unreadable.0.values.0', ['column' => 'date', 'value' => '0001-01-01']);

        $this->putJson("/api/v1/unreadable-rows/measurements/{$id}", ['values' => ['date' => '2027-02-31']])->assertUnprocessable()->assertJsonValidationErrorFor('values');
        $this->assertSame('0001-01-01', DB::table('measurements')->where('id', $id)->value('date'));
        $this->putJson("/api/v1/unreadable-rows/measurements/{$id}", ['values' => ['date' => '2027-01-05', 'fish_id' => '1']])->assertNoContent();

        $this->getJson('/api/v1/today')->assertJsonPath('unreadable', []);
        $this->assertSame(['2027-01-05', $this->fish('Moss')], array_values((array) DB::table('measurements')->where('id', $id)->first(['date', 'fish_id'])), 'the day alone may be corrected');
        $this->putJson("/api/v1/unreadable-rows/measurements/{$id}", ['values' => ['date' => '2027-01-06']])->assertUnprocessable()->assertJsonValidationErrorFor('row');
        $this->assertSame(1, DB::table('activity_log')->where('description', 'unreadable row corrected')->count());
    }

    public function test_a_row_is_deleted(): void
    {
        $id = $this->damage('losses', "date = '2202-01-01'");
        $this->deleteJson("/api/v1/unreadable-rows/losses/{$id}")->assertNoContent();

        $this->getJson('/api/v1/today')->assertJsonPath('unreadable', []);
        $this->assertNotNull(DB::table('losses')->where('id', $id)->value('deleted_at'), 'softly');
    }

    public function test_readings_of_a_day_that_is_none_go_with_it(): void
    {
        $system = (int) DB::table('daily_readings')->value('system_id');
        DB::table('readings')->insert(['system_id' => $system, 'quantity' => 'ph', 'taken_at' => (int) strtotime('2999-01-01 10:00 UTC'), 'value' => 7]);
        DB::table('daily_readings')->insert(['system_id' => $system, 'quantity' => 'ph', 'day' => '2999-01-01', 'low' => 7, 'mean' => 7, 'high' => 7, 'count' => 1]);
        $id = $this->getJson('/api/v1/today')->assertJsonPath('unreadable.0.table', 'daily_readings')->json('unreadable.0.id');
        $this->deleteJson("/api/v1/unreadable-rows/daily_readings/{$id}")->assertNoContent();

        $this->assertSame(0, DB::table('readings')->where('taken_at', '>', now()->getTimestamp())->count());
    }

    public function test_fish_of_a_kind_that_cannot_be_read_wait_for_it(): void
    {
        $species = (int) DB::table('fish')->where('name', 'Moss')->value('species_id');
        DB::table('species')->where('id', $species)->update(['own' => '{"length_weight":{"a":0.01,"b":305}}']);
        $unreadable = $this->getJson('/api/v1/today')->assertOk()->json('unreadable');

        $this->assertSame(['species', false, true], [$unreadable[0]['table'], $unreadable[0]['is_waiting'], $unreadable[1]['is_waiting']]);
        $this->assertStringContainsString('length_weight.b: give a number from 1.5 to 4.5', $unreadable[0]['reason']);
        $this->deleteJson('/api/v1/unreadable-rows/fish/'.$this->fish('Moss'))->assertUnprocessable()->assertJsonValidationErrorFor('row');
        $this->assertTrue($unreadable[0]['is_emptied']);
        $this->deleteJson("/api/v1/unreadable-rows/species/{$species}")->assertNoContent();
        $this->getJson('/api/v1/today')->assertJsonPath('unreadable', []);
        $this->getJson('/api/v1/fish/'.$this->fish('Moss'))->assertOk();
    }

    public function test_a_broken_rulebook_is_emptied_and_not_deleted(): void
    {
        $id = $this->damage('facilities', "rulebook = '{\"swim_slow\":-3}'");
        $this->deleteJson("/api/v1/unreadable-rows/facilities/{$id}")->assertNoContent();

        $this->assertSame('{}', DB::table('facilities')->value('rulebook'));
        $this->getJson('/api/v1/today')->assertJsonPath('unreadable', []);
    }

    /** @return int the number of the row */
    private function damage(string $table, string $damage, string $where = 'true'): int
    {
        $id = (int) DB::table($table)->whereRaw($where)->when($table === 'stays', fn ($query) => $query->whereNull('until'))->min('rowid');
        if ($table === 'species') {
            $id = (int) DB::table('fish')->min('species_id');
        }
        $this->assertGreaterThan(0, $id, "the demo has rows of {$table}");
        DB::statement("update {$table} set {$damage} where rowid = {$id}");

        return $id;
    }
}
