<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Import;
use App\Models\Task;
use App\Tasks\TaskKind;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;

/** Tables of lengths, tests, counts, losses and moves: read row by row, written when wanted, taken back as one. */
final class EntryImportTest extends ApiTestCase
{
    public function test_nothing_is_written_before_it_is_wanted_and_one_undo_takes_all_of_it_back(): void
    {
        $before = $this->fingerprint();
        $sheet = $this->bring('lengths', <<<'CSV'
            Fish;Day;Size (mm);How
            Bramble;01.03.2027;341;board
            bramble;28.2.2027;339,5;through the glass
            Bramble;1.3.2024;30;board
            Brambel;1.3.2027;340;board
            Bramble;31.2.2027;340;board
            Bramble;2.3.2027;3400;board
            Bramble;3.3.2027;341;by telescope
            CSV)->assertCreated()->json();

        $this->assertSame(['fish', 'date', 'length', 'method'], $sheet['columns']);
        $this->assertSame(['day-first', true, 'mm'], [$sheet['dates'], $sheet['dates_told'], $sheet['lengths']]);
        $this->assertSame($before, $this->fingerprint());
        $sheet = $this->getJson("/api/v1/imports/{$sheet['import']['id']}")->assertOk()->json();
        $rows = array_column($sheet['rows'], null, 'line');
        $this->assertSame(['good', 'good', 'refused', 'refused', 'refused'], array_map(fn (int $line): string => $rows[$line]['state'], [2, 3, 5, 6, 8]));
        $this->assertSame('refused', $rows[4]['state'], 'before it came');
        $this->assertSame('doubtful', $rows[7]['state'], 'ten times as long');
        $this->assertSame('Nobody and nothing here is called “Brambel”. Near to it: Bramble.', $rows[5]['sentences'][0]);
        $this->assertStringContainsString('31.2.2027', $rows[6]['sentences'][0]);
        $this->assertStringStartsWith('“by telescope” is not known. Known are: hand', $rows[8]['sentences'][0]);

        $written = $this->postJson("/api/v1/imports/{$sheet['import']['id']}/writing", ['with_doubtful' => false])->assertCreated()->json();
        $this->assertSame(['written', 2], [$written['import']['state'], $written['counts']['written']]);
        $bramble = $this->fish('Bramble');
        $this->assertSame([3395, 3410], DB::table('measurements')->where('fish_id', $bramble)->whereIn('date', ['2027-02-28', '2027-03-01'])->orderBy('date')->pluck('length_tenth_mm')->all());
        $this->postJson("/api/v1/imports/{$sheet['import']['id']}/writing", ['with_doubtful' => true])->assertUnprocessable()->assertJsonPath('errors.import.0', 'It is written already. Take it back first.');

        $this->deleteJson("/api/v1/imports/{$sheet['import']['id']}")->assertNoContent();
        $this->assertSame($before, $this->fingerprint());
        $this->assertSame('undone', $this->getJson('/api/v1/imports')->json('0.state'));
    }

    public function test_the_same_again_is_a_doubt_and_is_written_only_when_wanted(): void
    {
        $length = DB::table('measurements')->join('fish', 'fish.id', 'measurements.fish_id')->where('fish.name', 'Bramble')->whereNull('measurements.deleted_at')->orderByDesc('date')->first(['date', 'length_tenth_mm']);
        $text = "fish,date,length\nBramble,{$length->date},".($length->length_tenth_mm / 10).' mm';
        $sheet = $this->read($this->bring('lengths', $text));
        $this->assertSame([['doubtful', 'The same is written down already.']], array_map(fn (array $row): array => [$row['state'], $row['sentences'][0]], $sheet['rows']));
        $this->assertSame(0, $this->postJson("/api/v1/imports/{$sheet['import']['id']}/writing", ['with_doubtful' => false])->json('counts.written'));
    }

    public function test_tests_counts_losses_and_moves_come_in(): void
    {
        [$system, $other] = DB::table('systems')->whereNull('retired_on')->orderBy('walk_order')->pluck('name')->all();
        $shoal = DB::table('fish')->where('count', '>', 5)->orderBy('id')->first(['id', 'name']);
        $home = (int) DB::table('stays')->where('fish_id', $shoal->id)->whereNull('until')->value('system_id');
        $to = DB::table('systems')->where('id', '<>', $home)->where('kind', 'pond')->value('name');
        $written = function (string $kind, string $text): array {
            $sheet = $this->read($this->bring($kind, $text));
            $this->assertSame([], $sheet['missing']);
            $done = $this->postJson("/api/v1/imports/{$sheet['import']['id']}/writing", ['with_doubtful' => true])->assertCreated()->json();
            $this->assertSame($done['total'], $done['counts']['written'], json_encode($done['rows']) ?: '');

            return DB::table(Import::query()->findOrFail($sheet['import']['id'])->kind->table())->whereIn('id', array_column(Import::query()->findOrFail($sheet['import']['id'])->written, 1))->orderBy('id')->get()->all();
        };

        $tests = $written('tests', "Tank\tDate\tTemp °F\tpH\tNO3 (mg/l)\tRemarks\n{$system}\t2027-03-01\t77\t7.1\t20\tafter the change\n{$other}\t2027-03-02\t78.8\t\t15\t");
        $this->assertEqualsWithDelta(25.0, json_decode($tests[0]->values, true)['temperature_c'], 0.01);
        $this->assertSame('after the change', $tests[0]->note);
        $counts = $written('counts', "shoal,when,counted,kind\n{$shoal->name},12 Mar 2027,7,all caught");
        $this->assertSame([7, 'all-caught', '2027-03-12'], [$counts[0]->number, $counts[0]->kind, $counts[0]->date]);
        $losses = $written('losses', "fish,date,number,what,why\n{$shoal->name},2027-03-12,1,jumped,lid left open");
        $this->assertSame(['jumped', 1, 'lid left open'], [$losses[0]->kind, $losses[0]->count, $losses[0]->cause]);
        $moves = $written('moves', "fish,date,to\n{$shoal->name},2027-03-13,{$to}");
        $this->assertSame($home, (int) $moves[0]->from_system_id);
    }

    public function test_columns_dates_and_units_are_changed_and_it_is_read_anew(): void
    {
        $sheet = $this->read($this->bring('lengths', "A,B,C\nBramble,3/4/2026,13\n"));
        $this->assertSame([[null, null, null], ['fish', 'date', 'length'], false], [$sheet['columns'], $sheet['missing'], $sheet['dates_told']]);
        $this->assertSame('The fish is missing.', $sheet['rows'][0]['sentences'][0]);
        $id = $sheet['import']['id'];
        $reading = ['columns' => ['fish', 'date', 'length'], 'dates' => 'month-first', 'lengths' => 'in', 'is_fahrenheit' => false];
        $this->putJson("/api/v1/imports/{$id}", [...$reading, 'columns' => ['fish', 'fish', 'length']])->assertUnprocessable()->assertJsonPath('message', 'Choose each column once, from the list.');
        $this->putJson("/api/v1/imports/{$id}", $reading)->assertOk();
        $this->postJson("/api/v1/imports/{$id}/writing", ['with_doubtful' => true])->assertCreated()->assertJsonPath('counts.written', 1);
        $this->assertSame(3302, (int) DB::table('measurements')->where(['fish_id' => $this->fish('Bramble'), 'date' => '2026-03-04'])->value('length_tenth_mm'));
    }

    public function test_later_rows_are_read_after_those_above_them(): void
    {
        $fish = DB::table('stays')->join('fish', 'fish.id', 'stays.fish_id')->whereNull('stays.until')->where('fish.count', 1)->orderBy('fish.id')->first(['fish.name', 'stays.system_id']);
        $to = DB::table('systems')->where('id', '<>', $fish->system_id)->orderBy('id')->value('name');
        $back = DB::table('systems')->where('id', $fish->system_id)->value('name');
        $sheet = $this->read($this->bring('moves', "fish,date,to\n{$fish->name},2027-03-11,{$to}\n{$fish->name},2027-03-12,{$back}\n{$fish->name},2027-03-13,{$back}"));
        $states = array_column($sheet['rows'], 'state', 'line');
        $this->assertSame(['good', 'good', 'refused'], [$states[2], $states[3], $states[4]], 'it lives there already, by then');
    }

    public function test_what_is_no_table_is_said_and_what_is_too_large_too(): void
    {
        $this->bring('lengths', '')->assertUnprocessable()->assertJsonPath('errors.text.0', 'Choose a file with a table in it, or paste one.');
        $this->bring('lengths', 'only headings, here')->assertUnprocessable()->assertJsonPath('errors.text.0', 'There is no table here: a line of headings is wanted, and a row below it.');
        $this->bring('lengths', "a,b\n".str_repeat("1,2\n", 2001))->assertUnprocessable()->assertJsonValidationErrors('text');
        $this->bring('spells', "a,b\n1,2")->assertUnprocessable()->assertJsonPath('errors.kind.0', 'Choose what the table tells of.');
    }

    public function test_a_table_from_a_spreadsheet_of_windows_is_read(): void
    {
        $name = 'Ältester';
        DB::table('fish')->where('name', 'Bramble')->update(['name' => $name]);
        $sheet = $this->read($this->bring('lengths', "\u{FEFF}Fish;Date;Length\r\n{$name};2027-03-01;\"34,1 cm\"\r\n"));
        $this->assertSame(['good'], array_column($sheet['rows'], 'state'));
    }

    public function test_writing_that_was_broken_off_goes_on_and_is_taken_back_as_one(): void
    {
        $sheet = $this->read($this->bring('lengths', "fish,date,length\nBramble,2027-03-01,34.1\nBramble,2027-03-02,34.2\nBramble,2027-03-03,34.2"));
        $before = $this->fingerprint();
        $import = Import::query()->findOrFail($sheet['import']['id']);
        $stop = Task::query()->create(['kind' => TaskKind::Writing, 'file' => (string) $import->id, 'is_stop_asked' => true]);
        (new \App\Jobs\RunTask($stop->id))->handle();
        $this->assertSame('stopped', $stop->refresh()->state->value);
        $this->assertSame('written', $import->refresh()->state->value);
        $this->deleteJson("/api/v1/imports/{$import->id}")->assertNoContent();
        $this->assertSame($before, $this->fingerprint());
    }

    private function bring(string $kind, string $text): TestResponse
    {
        return $this->postJson('/api/v1/imports', ['kind' => $kind, 'name' => 'table.csv', 'text' => $text]);
    }

    /** @return array<string, mixed> */
    private function read(TestResponse $brought): array
    {
        return $this->getJson('/api/v1/imports/'.$brought->assertCreated()->json('import.id'))->assertOk()->json();
    }

    /** Of every entry that stands. */
    private function fingerprint(): string
    {
        return hash('xxh128', (string) json_encode(array_map(fn (string $table): array => DB::table($table)->whereNull('deleted_at')->orderBy('id')->get()->all(), ['measurements', 'water_tests', 'counts', 'losses', 'moves'])));
    }
}
