<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Facility\FacilityReader;
use App\Models\Import;
use App\Scenario\ScenarioReader;
use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Rulebook\RuleOption;
use Illuminate\Support\Facades\DB;

/** What a keeper takes along: tables in words that come in again, and the place as a scenario. */
final class TablesOutTest extends ApiTestCase
{
    public function test_every_table_goes_out_with_as_many_rows_as_there_are(): void
    {
        $entries = fn (string $table): int => DB::table($table)->whereNull('deleted_at')->count();
        $expected = ['lengths' => $entries('measurements'), 'tests' => $entries('water_tests'), 'counts' => $entries('counts'), 'losses' => $entries('losses'), 'moves' => $entries('moves'), 'log' => DB::table('log_lines')->whereNull('removed_at')->where('is_led', false)->count(), 'systems' => DB::table('systems')->whereNull('retired_on')->count(), 'fish' => count($this->getJson('/api/v1/fish')->json())];
        foreach ($expected as $table => $rows) {
            $lines = $this->csv($table);
            $this->assertCount($rows, array_slice($lines, 1), $table);
            $this->assertSame([count($lines[0])], array_values(array_unique(array_map(count(...), $lines))), $table);
        }
        $log = array_column(array_slice($this->csv('log'), 1), 3);
        $this->assertNotContains('', $log, 'every line is told');
    }

    public function test_a_table_of_one_fish_is_of_that_one(): void
    {
        $fish = $this->fish('Bramble');
        $this->assertSame(['Bramble'], array_values(array_unique(array_column(array_slice($this->csv("lengths?fish={$fish}"), 1), 0))));
        $this->getJson('/api/v1/tables/lengths?fish=99999')->assertUnprocessable();
        $this->getJson('/api/v1/tables/spells')->assertNotFound();
    }

    public function test_what_went_out_comes_in_again(): void
    {
        foreach (['lengths' => 'measurements', 'tests' => 'water_tests', 'counts' => 'counts'] as $kind => $table) {
            $text = $this->text($kind);
            $text = implode("\r\n", array_slice(explode("\r\n", $text), 0, 30))."\r\n";
            DB::table($table)->whereNull('deleted_at')->update(['deleted_at' => now()]);
            $id = $this->postJson('/api/v1/imports', ['kind' => $kind, 'name' => "{$kind}.csv", 'text' => $text])->assertCreated()->json('import.id');
            $sheet = $this->getJson("/api/v1/imports/{$id}")->json();
            $this->assertSame([], $sheet['missing'], $kind);
            $refused = array_filter($sheet['rows'], fn (array $row): bool => $row['state'] === 'refused');
            $this->assertSame([], array_values(array_column($refused, 'sentences')), $kind);
            $this->postJson("/api/v1/imports/{$id}/writing", ['with_doubtful' => true])->assertCreated();
            $this->assertCount($sheet['total'], Import::query()->findOrFail($id)->written);
        }
    }

    public function test_the_place_as_a_scenario_is_read_as_the_same_place(): void
    {
        $document = $this->getJson('/api/v1/scenario')->assertOk();
        $file = (string) tempnam(sys_get_temp_dir(), 'scenario');
        file_put_contents($file, $document->getContent());
        $read = ScenarioReader::read($file);
        unlink($file);
        $there = app(FacilityReader::class)->read()->facility;

        $this->assertSame(array_keys($there->fish), array_keys($read->fish));
        $this->assertSame(array_keys($there->systems), array_keys($read->systems));
        $of = fn (Facility $facility): array => array_map(fn ($fish): array => [$fish->name, $fish->species->key, $fish->currentSystem(), $fish->count, count($fish->lengths), $fish->lastLength()?->length->millimetres(), $fish->statedAdultMm, count($fish->candidates)], $facility->fish);
        $this->assertSame($of($there), $of($read));
        // What was fed stands in the log, not in the description of a home. Written down, since readings are unpacked when they are asked for.
        $written = fn (System $system): string => serialize($system->fed(null));
        $this->assertSame(array_map($written, $there->systems), array_map($written, $read->systems), 'homes with all that belongs to them');
        $this->assertEquals(array_map($there->rulebook->answer(...), RuleOption::cases()), array_map($read->rulebook->answer(...), RuleOption::cases()));
    }

    /** @return list<list<string>> */
    private function csv(string $table): array
    {
        $file = fopen('php://memory', 'r+b');
        fwrite($file, $this->text($table));
        rewind($file);
        $lines = [];
        while (($line = fgetcsv($file, null, ',', '"', '')) !== false) {
            $lines[] = $line;
        }

        return $lines;
    }

    private function text(string $table): string
    {
        return (string) $this->get("/api/v1/tables/{$table}", ['Accept' => 'application/json'])->assertOk()->streamedContent();
    }
}
