<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Log\LogKind;
use App\Models\Loss;
use App\Models\Measurement;
use App\Models\Move;
use App\Models\Picture;
use App\Models\RoundTick;
use App\Models\Sitter;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use stdClass;

/** Everything that happened can be found, corrected, taken out and put back. */
final class OneLogTest extends ApiTestCase
{
    /** Entries of each kind that are tried. */
    private const TRIED = 3;

    /** The database with what is written down once for all tests of a kind. */
    private static ?string $written = null;

    public function test_it_tells_everything_newest_first_page_by_page(): void
    {
        $all = [];
        $after = '';
        do {
            $page = $this->getJson('/api/v1/log?after='.rawurlencode($after))->assertOk()->json();
            $all = [...$all, ...$page['lines']];
            $after = (string) $page['next'];
        } while ($after !== '');
        $days = array_map(fn (array $line): string => $line['date'].($line['time'] ?? ''), $all);
        $sorted = $days;
        rsort($sorted, SORT_STRING);

        $this->assertSame($sorted, $days);
        $this->assertCount(DB::table('log_lines')->where('is_led', false)->where('kind', '!=', 'meal')->count(), array_unique(array_column($all, 'id')), 'daily meals are told when they are asked for');
        $this->assertSame('meal', $this->getJson('/api/v1/log?kinds=meal')->json('lines.0.kind'));
        $this->assertNotContains('', array_column($all, 'sentence'));
        $this->assertNotContains($this->said('log.unreadable'), array_column($all, 'sentence'));
    }

    #[DataProvider('kinds')]
    public function test_an_entry_sent_back_as_it_stands_is_as_it_was(LogKind $kind): void
    {
        $this->writeSome();
        $lines = $this->linesOf($kind);
        foreach ($lines as $line) {
            $detail = $this->getJson("/api/v1/log/{$line->id}")->assertOk()->json();
            if ($detail['fields'] === []) {
                continue;
            }
            $before = $this->row($kind, $line);
            $sent = array_map(fn (array $field): string|array => $field['type'] === 'choices' ? $field['chosen'] : $field['value'], array_column($detail['fields'], null, 'name'));
            $this->putJson("/api/v1/log/{$line->id}", ['version' => $detail['version'], 'fields' => $sent, 'keep' => true])->assertNoContent();
            $this->assertSame($before, $this->row($kind, $line), "{$kind->value}: {$detail['line']['sentence']}");
        }
        $this->assertNotSame([], $lines, "nothing of the kind {$kind->value} was tried");
    }

    #[DataProvider('kinds')]
    public function test_an_entry_taken_out_and_put_back_is_as_it_was(LogKind $kind): void
    {
        $this->writeSome();
        $returned = 0;
        foreach ($this->linesOf($kind) as $line) {
            $detail = $this->getJson("/api/v1/log/{$line->id}")->assertOk()->json();
            if (! $detail['can_remove'] || $detail['refusal'] !== null) {
                $this->deleteJson("/api/v1/log/{$line->id}")->assertUnprocessable();

                continue;
            }
            [$before, $stays] = [$this->row($kind, $line), $this->stays()];
            $this->deleteJson("/api/v1/log/{$line->id}")->assertNoContent();
            if (in_array($kind, [LogKind::Change, LogKind::Arrival, LogKind::Parting, LogKind::Watch], true)) {
                continue;
            }
            $this->assertSame(1, DB::table('log_lines')->where('id', $line->id)->whereNotNull('removed_at')->count());
            $this->postJson("/api/v1/log/{$line->id}/restore")->assertNoContent();
            $this->assertSame($before, $this->row($kind, $line), "{$kind->value}: {$detail['line']['sentence']}");
            $this->assertSame($stays, $this->stays());
            $returned++;
        }
        $never = [LogKind::Change, LogKind::Arrival, LogKind::Parting, LogKind::Watch, LogKind::WatchEnd, LogKind::Release];
        $this->assertSame(! in_array($kind, $never, true), $returned > 0);
    }

    /** @return iterable<string, array{LogKind}> */
    public static function kinds(): iterable
    {
        foreach (LogKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    public function test_its_history_tells_who_changed_what_and_leads_back(): void
    {
        $id = $this->postJson('/api/v1/notes', ['fish_id' => $this->fish('Bramble'), 'date' => self::TODAY, 'time' => '08:15', 'text' => 'Took pellets from the hand'])->assertCreated()->json('id');
        $line = $this->lineOf(LogKind::Note, $id);
        $this->correct($line, ['text' => 'Took prawns from the hand'])->assertNoContent();
        $history = $this->getJson("/api/v1/log/{$line}")->json('history');

        $this->assertSame(['updated', 'created'], array_column($history, 'event'));
        $this->assertSame(['Bramble: Took prawns from the hand', 'Bramble: Took pellets from the hand'], array_column($history, 'sentence'));
        $this->assertSame([$this->keeper->name, $this->keeper->name], array_column($history, 'author'));
        $this->assertSame([false, true], array_column($history, 'can_return'));
        $this->postJson("/api/v1/log/{$line}/versions/{$history[1]['id']}")->assertNoContent();
        $this->assertSame('Bramble: Took pellets from the hand', $this->getJson("/api/v1/log/{$line}")->json('line.sentence'));
        $this->postJson("/api/v1/log/{$line}/versions/999999")->assertNotFound();
    }

    public function test_a_correction_of_what_was_corrected_meanwhile_is_refused(): void
    {
        $id = $this->postJson('/api/v1/notes', ['date' => self::TODAY, 'text' => 'Power out for an hour'])->json('id');
        $line = $this->lineOf(LogKind::Note, $id);
        $seen = $this->getJson("/api/v1/log/{$line}")->json('version');
        $this->putJson("/api/v1/log/{$line}", ['version' => $seen, 'fields' => ['text' => 'Power out for two hours']])->assertNoContent();
        $this->putJson("/api/v1/log/{$line}", ['version' => $seen, 'fields' => ['text' => 'Power out']])->assertConflict();

        $this->assertSame('Power out for two hours', DB::table('notes')->where('id', $id)->value('text'));
    }

    public function test_a_loss_taken_back_brings_the_fish_back_whole(): void
    {
        $before = $this->getJson("/api/v1/fish/{$this->fish('Bramble')}")->json();
        $loss = $this->postJson("/api/v1/fish/{$this->fish('Bramble')}/losses", ['kind' => 'jumped', 'date' => self::TODAY])->assertCreated()->json('id');
        $line = $this->lineOf(LogKind::Loss, $loss);
        $detail = $this->getJson("/api/v1/log/{$line}")->json();
        $this->assertSame(['Bramble is there again, with everything that was written about it.'], $detail['consequences']);
        $this->deleteJson("/api/v1/log/{$line}")->assertNoContent();

        $this->assertSame($before, $this->getJson("/api/v1/fish/{$this->fish('Bramble')}")->json());
    }

    public function test_a_loss_cannot_come_back_when_nobody_is_left_to_lose(): void
    {
        $fish = $this->fish('Bramble');
        $first = $this->postJson("/api/v1/fish/{$fish}/losses", ['kind' => 'jumped', 'date' => self::TODAY])->json('id');
        $line = $this->lineOf(LogKind::Loss, $first);
        $this->deleteJson("/api/v1/log/{$line}")->assertNoContent();
        $this->postJson("/api/v1/fish/{$fish}/losses", ['kind' => 'rehomed', 'date' => self::TODAY])->assertCreated();
        $this->postJson("/api/v1/log/{$line}/restore")->assertUnprocessable();

        $this->assertTrue(Loss::withTrashed()->findOrFail($first)->trashed());
    }

    public function test_what_follows_a_move_is_said_and_kept_in_step(): void
    {
        [$fish, $porch, $kiln, $gauge] = [$this->fish('Bramble'), $this->system('Porch tank'), $this->system('Kiln vat'), $this->system('Gauge tank')];
        $this->assertSame('Porch tank', DB::table('stays')->join('systems', 'systems.id', 'stays.system_id')->where('fish_id', $fish)->whereNull('until')->value('name'));
        $first = $this->postJson("/api/v1/fish/{$fish}/moves", ['to_system_id' => $kiln, 'date' => '2027-03-10'])->assertCreated()->json('id');
        $second = $this->postJson("/api/v1/fish/{$fish}/moves", ['to_system_id' => $gauge, 'date' => '2027-03-12'])->assertCreated()->json('id');
        $line = $this->lineOf(LogKind::Move, $first);
        $this->assertSame(['The move of Bramble to Gauge tank on 12 March 2027 then begins in Porch tank.'], $this->getJson("/api/v1/log/{$line}")->json('consequences'));
        $this->deleteJson("/api/v1/log/{$line}")->assertNoContent();

        $this->assertSame($porch, Move::query()->findOrFail($second)->from_system_id);
        $this->assertSame([[$porch, '2027-03-12'], [$gauge, null]], $this->lastStays($fish, 2));
        $this->postJson("/api/v1/log/{$line}/restore")->assertNoContent();
        $this->assertSame($kiln, Move::query()->findOrFail($second)->from_system_id);
        $this->assertSame([[$porch, '2027-03-10'], [$kiln, '2027-03-12'], [$gauge, null]], $this->lastStays($fish, 3));
        // Its day and home can be corrected between its neighbours alone.
        $this->correct($line, ['date' => '2027-03-13'])->assertUnprocessable()->assertJsonValidationErrors(['date']);
        $this->correct($line, ['to' => (string) $gauge])->assertUnprocessable()->assertJsonValidationErrors(['to']);
        $this->correct($line, ['date' => '2027-03-11'])->assertNoContent();
        $this->assertSame([[$porch, '2027-03-11'], [$kiln, '2027-03-12'], [$gauge, null]], $this->lastStays($fish, 3));
    }

    public function test_a_move_that_an_incident_rests_on_stays_with_the_reason(): void
    {
        $line = null;
        foreach (Move::query()->orderBy('id')->get() as $move) {
            $candidate = $this->lineOf(LogKind::Move, $move->id);
            $refusal = (string) $this->getJson("/api/v1/log/{$candidate}")->json('refusal');
            if (str_contains($refusal, 'written down that need')) {
                $line = $candidate;
            }
        }
        $this->assertNotNull($line, 'no move of the demo has an incident resting on it');
        $stays = $this->stays();
        $this->deleteJson("/api/v1/log/{$line}")->assertUnprocessable();

        $this->assertSame($stays, $this->stays());
    }

    public function test_a_length_that_cannot_be_is_refused_and_an_unlikely_one_asked_about(): void
    {
        $length = Measurement::query()->where('fish_id', $this->fish('Bramble'))->orderByDesc('date')->firstOrFail();
        $line = $this->lineOf(LogKind::Length, $length->id);
        $this->correct($line, ['length' => 'huge'])->assertUnprocessable()->assertJsonValidationErrors(['length']);
        $this->correct($line, ['date' => '2029-01-01'])->assertUnprocessable()->assertJsonValidationErrors(['date']);
        $this->correct($line, ['length' => '9 cm'])->assertUnprocessable()->assertJsonPath('question', fn (?string $question): bool => $question !== null);
        $this->assertSame($length->length_tenth_mm, $length->refresh()->length_tenth_mm);
        $this->correct($line, ['length' => '9 cm'], keep: true)->assertNoContent();

        $this->assertSame(900, $length->refresh()->length_tenth_mm);
    }

    public function test_a_change_is_put_back_while_nobody_changed_it_again(): void
    {
        $rules = $this->getJson('/api/v1/rulebook')->json('document') ?? [];
        DB::table('activity_log')->where('subject_type', \App\Models\FacilitySettings::class)->delete();
        $this->putJson("/api/v1/fish/{$this->fish('Pip')}/temper", ['temper' => 'bully'])->assertOk();
        $this->putJson("/api/v1/fish/{$this->fish('Pip')}/temper", ['temper' => 'calm'])->assertOk();
        [$second, $first] = DB::table('log_lines')->where('kind', 'change')->where('fish_id', $this->fish('Pip'))->orderByDesc('id')->limit(2)->pluck('id')->all();
        $this->assertSame('It was changed again since. Put the later change back first.', $this->getJson("/api/v1/log/{$first}")->json('refusal'));
        $this->deleteJson("/api/v1/log/{$first}")->assertUnprocessable();
        $this->deleteJson("/api/v1/log/{$second}")->assertNoContent();

        $this->assertSame('bully', DB::table('fish')->where('name', 'Pip')->value('temper'));
        $this->assertSame($rules, $this->getJson('/api/v1/rulebook')->json('document') ?? []);
    }

    public function test_words_are_found_by_their_beginnings_whatever_the_accents_and_slips(): void
    {
        $this->postJson('/api/v1/notes', ['date' => self::TODAY, 'text' => 'Café side: the filter gurgles'])->assertCreated();

        $this->assertSame(['Café side: the filter gurgles'], $this->sentences('cafe gurg'));
        $this->assertSame(['Café side: the filter gurgles'], $this->sentences('CAFÉ'));
        $guessed = $this->getJson('/api/v1/log?words=gurlges')->assertOk()->json();
        $this->assertSame('Nothing begins with gurlges: looked for gurgles instead.', $guessed['guessed']);
        $this->assertSame(['Café side: the filter gurgles'], array_column($guessed['lines'], 'sentence'));
        $this->assertNotSame([], $this->sentences('Bramble moved'));
        $this->assertSame([], $this->sentences('xylophone'));
        foreach (['"', 'NEAR(', 'a OR', '*', "'; drop table log_lines; --", '-', '()'] as $nonsense) {
            $this->getJson('/api/v1/log?words='.rawurlencode($nonsense))->assertOk();
        }
    }

    public function test_a_renamed_fish_is_found_by_its_new_name(): void
    {
        $fish = \App\Models\Fish::query()->where('name', 'Bramble')->firstOrFail();
        $this->assertNotSame([], $this->sentences('Bramble measured'));
        $fish->update(['name' => 'Juniper']);

        $this->assertNotSame([], $this->sentences('Juniper measured'));
        $this->assertSame([], array_filter($this->sentences('Bramble'), fn (string $said): bool => str_contains($said, 'measured')));
    }

    public function test_filters_narrow_it_down(): void
    {
        $fish = $this->fish('Burr');
        foreach ($this->getJson("/api/v1/log?fish={$fish}")->assertOk()->json('lines') as $line) {
            $this->assertContains($fish, array_column($line['fish'], 'id'));
        }
        $porch = $this->system('Porch tank');
        $lines = $this->getJson("/api/v1/log?system={$porch}&kinds=test,work&from=2027-02-01&until=2027-02-28")->assertOk()->json('lines');
        $this->assertNotSame([], $lines);
        foreach ($lines as $line) {
            $this->assertContains($line['kind'], ['test', 'work']);
            $this->assertSame('2027-02', substr($line['date'], 0, 7));
        }
        $this->getJson('/api/v1/log?from=2027-03-01&until=2027-02-01')->assertUnprocessable()->assertJsonValidationErrors(['until']);
        $this->assertSame([], $this->getJson('/api/v1/log?removed=yes')->json('lines'));
    }

    public function test_search_finds_fish_systems_and_species_by_name(): void
    {
        $found = $this->getJson('/api/v1/search?words=brambel')->assertOk()->json();
        $this->assertSame(['Bramble'], array_column($found['fish'], 'name'));
        $this->assertNotSame([], $found['log']['lines']);
        $this->assertSame(['Porch tank'], array_column($this->getJson('/api/v1/search?words=porch')->json('systems'), 'name'));
        $this->assertContains('Oscar', array_column($this->getJson('/api/v1/search?words=astronotus')->json('species'), 'name'));
        $this->getJson('/api/v1/search?words=')->assertUnprocessable();
    }

    public function test_every_table_of_the_log_has_its_triggers(): void
    {
        foreach (LogKind::cases() as $kind) {
            $name = 'log_'.str_replace('-', '_', $kind->value);
            $this->assertSame(3, DB::table('sqlite_master')->where('type', 'trigger')->whereIn('name', ["{$name}_insert", "{$name}_update", "{$name}_delete"])->where('tbl_name', (new ($kind->model()))->getTable())->count(), $kind->value);
        }
    }

    /** Of what the demo has none: so that every kind is tried. */
    private function writeSome(): void
    {
        if (self::$written !== null) {
            DemoDatabase::useCopyOf(self::$written);

            return;
        }
        [$bramble, $pip] = [$this->fish('Bramble'), $this->fish('Pip')];
        $this->postJson('/api/v1/notes', ['fish_id' => $bramble, 'date' => self::TODAY, 'text' => 'Shy today'])->assertCreated();
        Picture::query()->create(['fish_id' => $bramble, 'date' => self::TODAY, 'time' => '08:00', 'width' => 640, 'height' => 480, 'bytes' => 1, 'sha256' => '', 'note' => 'By the glass']);
        $this->postJson('/api/v1/settlements', ['fish_id' => $pip])->assertCreated();
        $this->postJson('/api/v1/pair-verdicts', ['one_id' => $bramble, 'other_id' => $pip, 'verdict' => 'watch', 'reason' => 'Eyed each other'])->assertCreated();
        $this->putJson("/api/v1/fish/{$pip}/keeping", ['ration' => 'several', 'adult' => null])->assertOk();
        $barbs = (int) DB::table('fish')->where('count', '>', 3)->min('id');
        $part = $this->postJson("/api/v1/fish/{$barbs}/parts", ['count' => 1, 'name' => 'Sliver', 'sex' => null, 'size' => null])->assertCreated()->json('id');
        $this->postJson("/api/v1/fish/{$part}/joins", ['into' => $barbs])->assertCreated();
        $watch = (int) DB::table('watches')->whereNull('ended')->max('id');
        $this->putJson("/api/v1/watches/{$watch}/end", ['how' => 'settled'])->assertOk();
        $quarantine = (int) DB::table('quarantines')->max('id');
        DB::table('quarantines')->where('id', $quarantine)->update(['released_on' => self::TODAY]);
        $sitter = Sitter::query()->create(['name' => 'Ada', 'from' => self::TODAY, 'until' => self::TODAY, 'call' => 'Rose', 'secret_hash' => str_repeat('a', 64)]);
        RoundTick::query()->create(['sitter_id' => $sitter->id, 'system_id' => DB::table('systems')->min('id'), 'date' => self::TODAY, 'time' => '08:00', 'task' => 'feed', 'outcome' => 'left-some', 'note' => null]);
        $this->putJson("/api/v1/fish/{$pip}/temper", ['temper' => 'bully'])->assertOk();
        self::$written = DemoDatabase::keep();
    }

    /** @return list<stdClass> */
    private function linesOf(LogKind $kind): array
    {
        return array_values(DB::table('log_lines')->where('kind', $kind->value)->orderByDesc('date')->orderByDesc('id')->limit(self::TRIED)->get()->all());
    }

    private function lineOf(LogKind $kind, int $row): int
    {
        return (int) DB::table('log_lines')->where(['kind' => $kind->value, 'row_id' => $row])->value('id');
    }

    /** @return array<string, mixed> */
    private function row(LogKind $kind, stdClass $line): array
    {
        $row = array_diff_key((array) DB::table((new ($kind->model()))->getTable())->where('id', $line->row_id)->first(), ['updated_at' => 0, 'version' => 0]);
        if (isset($row['values'])) {
            // Quantities come in an order of their own.
            $row['values'] = collect((array) json_decode($row['values'], true))->sortKeys()->all();
        }

        return $row;
    }

    /** @return list<array<mixed>> */
    private function stays(): array
    {
        return array_values(DB::table('stays')->orderBy('fish_id')->orderBy('from')->get(['fish_id', 'system_id', 'from', 'until', 'move_id'])->map(fn (stdClass $stay): array => (array) $stay)->all());
    }

    /** @return list<array{int, string|null}> */
    private function lastStays(int $fish, int $most): array
    {
        return array_slice(array_values(DB::table('stays')->where('fish_id', $fish)->orderBy('from')->get()->map(fn (stdClass $stay): array => [$stay->system_id, $stay->until])->all()), -$most);
    }

    /** @param  array<string, string|list<string>>  $fields */
    private function correct(int $line, array $fields, bool $keep = false): TestResponse
    {
        return $this->putJson("/api/v1/log/{$line}", ['version' => $this->getJson("/api/v1/log/{$line}")->json('version'), 'fields' => $fields, 'keep' => $keep]);
    }

    /** @return list<string> */
    private function sentences(string $words): array
    {
        return array_column($this->getJson('/api/v1/log?words='.rawurlencode($words))->assertOk()->json('lines'), 'sentence');
    }

    private function said(string $code): string
    {
        return \App\Language\Messages::ofFacility()->say(\Biomegas\Finding\Finding::of($code));
    }
}
