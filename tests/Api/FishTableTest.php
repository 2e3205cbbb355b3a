<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\FacilitySettings;
use App\Models\Fish;
use App\Models\Measurement;
use App\Models\Stay;
use Biomegas\Measure\UnitSystem;

/** Many fish and lengths from one table. */
final class FishTableTest extends ApiTestCase
{
    private const TABLE = "Name\tSpecies\tTank\tDate\tLength\n"
        ."Quill\tJack Dempsey\tLong tank\t3.11.2026\t9.5 cm\n"
        ."Quill\t\t\t1.2.2027\t13 cm\n"
        ."Perch pair\toscar\tlong TANK\t2026-08-01\t5 in\n";

    public function test_a_pasted_table_brings_fish_with_their_history(): void
    {
        $saved = $this->postJson('/api/v1/fish/table', ['text' => self::TABLE])->assertCreated()->json();
        $quill = Fish::query()->where('name', 'Quill')->firstOrFail();

        $this->assertSame([2, 3, []], [count($saved['fish']), count($saved['lengths']), $saved['left']]);
        $this->assertSame('2026-11-03', $quill->arrived_on);
        $this->assertSame('2026-11-03', Stay::query()->where('fish_id', $quill->id)->value('from'));
        $this->assertSame([950, 1300], Measurement::query()->where('fish_id', $quill->id)->orderBy('date')->pluck('length_tenth_mm')->all());
        $this->assertSame(1270, Measurement::query()->whereIn('fish_id', Fish::query()->where('name', 'Perch pair')->select('id'))->value('length_tenth_mm'), 'units of its own');

        $this->postJson('/api/v1/fish/table/undo', ['fish' => $saved['fish'], 'lengths' => $saved['lengths']])->assertNoContent();
        $this->assertSame(0, Fish::query()->whereIn('name', ['Quill', 'Perch pair'])->count());
    }

    public function test_good_rows_are_taken_and_bad_ones_are_named(): void
    {
        $text = "Quill;oscar;Long tank;2026-11-03;9 cm\nSpar;nobody;Long tank;2026-11-03;9 cm\nSpar;;;2026-12-03;12 cm\nReedmace;koi;The moon;2026-11-03;9 cm\nMoss;koi;Long tank;2026-12-03;12 cm\nOrb;pacu;Long tank;2026-13-45;long;0\n";
        $rows = $this->postJson('/api/v1/fish/table/preview', ['text' => $text])->assertOk()->json('rows');
        $errors = array_map(fn (array $row): array => array_keys($row['errors']), $rows);

        $this->assertSame([[], ['species'], ['name'], ['system'], ['name']], array_slice($errors, 0, 5));
        $this->assertEqualsCanonicalizing(['species', 'date', 'length', 'count'], $errors[5]);
        $this->assertStringContainsString('is used for', $rows[5]['errors']['species']);
        $this->assertStringContainsString('line 2', $rows[2]['errors']['name']);
        $this->assertSame(0, Fish::query()->where('name', 'Quill')->count(), 'a look saves nothing');

        $saved = $this->postJson('/api/v1/fish/table', ['text' => $text])->assertCreated()->json();
        $this->assertSame([1, [2, 3, 4, 5, 6]], [count($saved['fish']), $saved['left']]);
        $this->postJson('/api/v1/fish/table', ['text' => 'Spar;nobody;Long tank;;'])->assertUnprocessable();
    }

    public function test_a_name_that_was_typed_wrongly_is_answered_with_those_near_to_it(): void
    {
        $rows = $this->postJson('/api/v1/fish/table/preview', ['text' => "Quill;tambaqi;Lnog tank;;\nSpar;Colosoma macropomum;Long tank;;\nOrb;nothing;The moon;;"])->assertOk()->json('rows');

        $this->assertStringContainsString('Near to it: Tambaqui', $rows[0]['errors']['species']);
        $this->assertStringContainsString('Near to it: Long tank', $rows[0]['errors']['system']);
        $this->assertStringContainsString('Tambaqui', $rows[1]['errors']['species'], 'by its name in books');
        $this->assertStringContainsString('No species here is called', $rows[2]['errors']['species']);
    }

    public function test_lines_of_two_sheets_are_parted_each_in_its_own_way(): void
    {
        $rows = $this->postJson('/api/v1/fish/table/preview', ['text' => "Quill; oscar; Long tank; 3.11.2026; 9,5 cm\nSpar, oscar, Long tank, 2026-11-03, 9 cm\n\"Orb; the old one\", oscar, Long tank, 2026-11-03, 9 cm"])->assertOk()->json('rows');

        $this->assertSame([[], [], []], array_column($rows, 'errors'));
        $this->assertSame('Orb; the old one', $rows[2]['typed']['name'], 'a semicolon within a cell parts nothing');
    }

    public function test_lengths_of_those_who_live_here(): void
    {
        $fish = Fish::query()->where('name', 'Bramble')->firstOrFail();
        $before = Measurement::query()->where('fish_id', $fish->id)->count();
        $rows = $this->postJson('/api/v1/fish/table/preview', ['rows' => [['name' => 'bramble', 'date' => '', 'length' => '40 cm'], ['name' => 'Bramble', 'date' => '1999-01-01', 'length' => '2 cm'], ['name' => 'Bramble']]])->assertOk()->json('rows');

        $this->assertSame(['length', [], ['date'], ['length']], [$rows[0]['brings'], $rows[0]['errors'], array_keys($rows[1]['errors']), array_keys($rows[2]['errors'])]);
        $saved = $this->postJson('/api/v1/fish/table', ['rows' => [['name' => 'bramble', 'date' => '', 'length' => '40 cm']]])->assertCreated()->json();
        $this->assertSame($before + 1, Measurement::query()->where('fish_id', $fish->id)->count());
        $this->postJson('/api/v1/fish/table/undo', $saved)->assertNoContent();
        $this->assertSame($before, Measurement::query()->where('fish_id', $fish->id)->count());
    }

    public function test_an_unlikely_length_is_doubted_and_taken(): void
    {
        $doubts = fn (string $length): array => $this->postJson('/api/v1/fish/table/preview', ['rows' => [['name' => 'Bramble', 'date' => '', 'length' => $length]]])->assertOk()->json('rows.0.doubts');
        $likely = $this->getJson('/api/v1/fish/'.Fish::query()->where('name', 'Bramble')->firstOrFail()->id)->json('fish.length_mm.likely');

        $this->assertSame([], $doubts(round($likely).' mm'));
        $this->assertStringContainsString('The unit, or fork', $doubts(round($likely / 25.4, 1).' cm')[0] ?? '', 'inches taken for centimetres');
        $this->assertCount(1, $doubts('20 cm'));
    }

    public function test_a_length_that_its_kind_never_has_is_doubted_in_whichever_row_it_stands(): void
    {
        $rows = fn (string ...$lengths): array => array_column($this->postJson('/api/v1/fish/table/preview', ['text' => implode("\n", array_map(fn (string $length): string => "Quill;oscar;Long tank;2026-11-03;{$length}", $lengths))])->assertOk()->json('rows'), 'doubts');

        $this->assertSame([[], []], $rows('9 cm', '21 cm'));
        $this->assertStringContainsString('is that right?', $rows('90 cm')[0][0] ?? '');
        $this->assertSame([0, 1], array_map(count(...), $rows('9 cm', '210 cm')), 'millimetres taken for centimetres');
    }

    public function test_dates_are_read_in_the_order_that_the_table_shows(): void
    {
        $date = fn (string $text, ?string $order = null): array => $this->postJson('/api/v1/fish/table/preview', ['text' => $text, 'date_order' => $order])->assertOk()->json();

        $this->assertSame('2026-11-03', $date("A1;koi;Long tank;03/11/2026;9 cm\nA2;koi;Long tank;25/11/2026;9 cm")['rows'][0]['date']);
        $monthFirst = $date("A1;koi;Long tank;03/11/2026;9 cm\nA2;koi;Long tank;03/25/2026;9 cm");
        $this->assertSame(['2026-03-11', 'month-first', true], [$monthFirst['rows'][0]['date'], $monthFirst['date_order'], $monthFirst['is_order_told']]);
        $this->assertSame('2026-11-03', $date('A1;koi;Long tank;03/11/2026;9 cm')['rows'][0]['date']);
        $this->assertSame('2026-03-11', $date('A1;koi;Long tank;03/11/2026;9 cm', 'month-first')['rows'][0]['date']);
        $this->assertSame('2026-03-11', $date('A1;koi;Long tank;Mar 11, 2026;9 cm')['rows'][0]['date']);
        FacilitySettings::query()->update(['unit_system' => UnitSystem::Us]);
        $this->assertSame('2026-03-11', $date('A1;koi;Long tank;3/11/26;9')['rows'][0]['date']);
    }

    public function test_five_thousand_rows_are_refused_with_a_sentence_and_nothing_is_lost(): void
    {
        $text = implode("\n", array_map(fn (int $i): string => "Fish {$i};koi;Long tank;2026-11-03;9 cm", range(1, 5000)));

        $this->assertSame('Up to 1000 rows at a time: these are 5000. Take some out, and add them afterwards.', $this->postJson('/api/v1/fish/table/preview', ['text' => $text])->assertUnprocessable()->json('errors.text.0'));
        $this->postJson('/api/v1/fish/table', ['text' => "\n \n"])->assertUnprocessable();
    }
}
