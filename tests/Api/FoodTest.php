<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\FeedingPlan;
use App\Models\Food;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** The store, what is bred, and what was paid. */
final class FoodTest extends ApiTestCase
{
    private const FOOD = ['name' => 'Silversides', 'form' => 'frozen', 'taken_by' => ['meat'], 'protein_percent' => 16, 'dry_matter_percent' => 22, 'unit' => 'gram', 'pack' => 500, 'price' => 8];

    public function test_what_is_bought_and_fed_says_how_long_it_lasts(): void
    {
        $krill = $this->food('Frozen krill');
        $before = $this->row($krill);
        $this->postJson("/api/v1/foods/{$krill}/stock", ['date' => self::TODAY, 'kind' => 'bought', 'amount' => 500, 'unit' => 'gram', 'price' => 7.2])->assertCreated();
        $after = $this->row($krill);
        $this->assertEqualsWithDelta($before['left'] + 500, $after['left'], 0.05);
        $this->assertGreaterThan($before['runs_out']['likely'], $after['runs_out']['likely']);
        $this->assertEqualsWithDelta($after['left'] / $after['per_day'], (strtotime($after['runs_out']['likely']) - strtotime(self::TODAY)) / 86400, 1.0);
        $mistake = $this->postJson("/api/v1/foods/{$krill}/stock", ['date' => self::TODAY, 'kind' => 'counted', 'amount' => 1])->assertCreated()->json('id');
        $this->deleteJson("/api/v1/stock/{$mistake}")->assertNoContent();
        $this->assertSame($after['left'], $this->row($krill)['left']);
        $this->postJson("/api/v1/foods/{$krill}/stock", ['date' => self::TODAY, 'kind' => 'counted', 'amount' => 0])->assertCreated();
        $this->assertSame(0, (int) $this->row($krill)['left']);
        $this->assertMatchesRegularExpression('/Buy (a pack|\d packs) of Frozen krill now\./', implode(' ', array_column($this->getJson('/api/v1/food')->json('shopping'), 'says')));
    }

    public function test_today_says_what_the_store_asks_for(): void
    {
        $says = implode(' ', array_column($this->getJson('/api/v1/today')->json('food'), 'says'));
        foreach (['Buy a pack of Frozen bloodworm now.', 'A pack of Algae wafers was opened on', 'Worm bin: '] as $part) {
            $this->assertStringContainsString($part, $says);
        }
    }

    public function test_a_food_is_added_changed_and_kept_no_more(): void
    {
        $id = $this->postJson('/api/v1/foods', self::FOOD)->assertCreated()->json('id');
        $this->putJson("/api/v1/foods/{$id}", [...self::FOOD, 'price' => 9, 'own_word' => [['species' => 'koi', 'taking' => 'refuses']]])->assertNoContent();
        $this->assertEquals([9.0, [['species' => 'koi', 'taking' => 'refuses']]], [$this->row($id)['price'], $this->row($id)['own_word']]);
        $this->postJson("/api/v1/foods/{$id}/stock", ['date' => self::TODAY, 'kind' => 'bought', 'amount' => 500])->assertCreated();
        $this->putJson("/api/v1/foods/{$id}", [...self::FOOD, 'unit' => 'piece', 'grams_each' => 2])->assertUnprocessable()->assertJsonPath('errors.unit.0', 'Amounts of it are written down in the present unit: add another food instead.');
        $this->deleteJson("/api/v1/foods/{$id}")->assertNoContent();
        $this->assertNotContains($id, array_column($this->getJson('/api/v1/food')->json('foods'), 'id'));
        $this->assertSame('Bought 500 g of Silversides', $this->getJson('/api/v1/log?kinds=stock')->json('lines.0.sentence'), 'the log still names it');
    }

    public function test_a_food_that_is_planned_or_bred_stays(): void
    {
        $this->deleteJson('/api/v1/foods/'.$this->food('Mussel meat'))->assertUnprocessable()->assertJsonPath('errors.food.0', 'The plan of Boathouse vat has Mussel meat: take it out there first.');
        FeedingPlan::query()->delete();
        $this->deleteJson('/api/v1/foods/'.$this->food('Earthworms'))->assertUnprocessable()->assertJsonPath('errors.food.0', 'The culture Worm bin gives Earthworms: end it first.');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badFoods(): iterable
    {
        yield 'taken name' => [['name' => 'frozen KRILL'], 'name'];
        yield 'no name' => [['name' => ''], 'name'];
        yield 'more protein than there is' => [['protein_percent' => 30], 'protein_percent'];
        yield 'all water' => [['dry_matter_percent' => 0], 'dry_matter_percent'];
        yield 'price of nothing' => [['pack' => null], 'pack'];
        yield 'negative price' => [['price' => -1], 'price'];
        yield 'pieces without a weight' => [['unit' => 'piece'], 'grams_each'];
        yield 'a form of nowhere' => [['form' => 'gas'], 'form'];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('badFoods')]
    public function test_a_food_that_cannot_be_names_the_field(array $wrong, string $field): void
    {
        $foods = Food::query()->count();
        $this->assertArrayHasKey($field, $this->postJson('/api/v1/foods', [...self::FOOD, ...$wrong])->assertUnprocessable()->json('errors'));
        $this->assertSame($foods, Food::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badStock(): iterable
    {
        yield 'less than nothing' => [['amount' => -5], 'amount'];
        yield 'nothing bought' => [['amount' => 0], 'amount'];
        yield 'how much?' => [['amount' => null], 'amount'];
        yield 'another unit' => [['unit' => 'piece'], 'unit'];
        yield 'tomorrow' => [['date' => '2027-03-14'], 'date'];
        yield 'a price for counting' => [['kind' => 'counted', 'price' => 3], 'price'];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('badStock')]
    public function test_an_entry_of_the_store_that_cannot_be_names_the_field(array $wrong, string $field): void
    {
        $krill = $this->food('Frozen krill');
        $left = $this->row($krill)['left'];
        $this->assertArrayHasKey($field, $this->postJson("/api/v1/foods/{$krill}/stock", ['date' => self::TODAY, 'kind' => 'bought', 'amount' => 100, ...$wrong])->assertUnprocessable()->json('errors'));
        $this->assertSame($left, $this->row($krill)['left']);
    }

    public function test_a_culture_is_looked_after_counted_and_ended(): void
    {
        $body = ['name' => 'Fry tank', 'kind' => 'livebearers', 'food_id' => $this->food('Livebearer young'), 'started_on' => '2027-01-02', 'seed' => 20, 'room' => 300, 'tanks' => 1, 'quarantine_until' => '2027-03-20'];
        $id = $this->postJson('/api/v1/cultures', $body)->assertCreated()->json('id');
        $culture = $this->culture($id);
        $this->assertStringContainsString('nobody is fed from it', $culture['says']);
        $this->assertCount(3, $culture['cautions'], 'quarantine, whole fish, nothing wild');
        $entry = $this->postJson("/api/v1/cultures/{$id}/entries", ['date' => self::TODAY, 'kind' => 'counted', 'number' => 500])->assertCreated()->json('id');
        $this->assertSame(500, (int) $this->culture($id)['counts'][0]['number']);
        $this->deleteJson("/api/v1/culture-entries/{$entry}")->assertNoContent();
        $this->assertSame([], $this->culture($id)['counts']);
        $this->postJson("/api/v1/cultures/{$id}/entries", ['date' => self::TODAY, 'kind' => 'counted', 'number' => 0])->assertCreated();
        $this->assertStringContainsString('The last count found none: it is gone.', $this->culture($id)['says']);
        $this->postJson("/api/v1/cultures/{$id}/entries", ['date' => '2027-01-01', 'kind' => 'counted', 'number' => 3])->assertUnprocessable()->assertJsonPath('errors.date.0', 'It began on 2 January 2027: give that day or a later one.');
        $this->postJson("/api/v1/cultures/{$id}/entries", ['date' => self::TODAY, 'kind' => 'harvested', 'number' => 0])->assertUnprocessable()->assertJsonStructure(['errors' => ['number']]);
        $this->postJson('/api/v1/cultures', [...$body, 'seed' => 400])->assertUnprocessable()->assertJsonStructure(['errors' => ['seed']]);
        $this->putJson("/api/v1/cultures/{$id}", [...$body, 'ended_on' => self::TODAY])->assertNoContent();
        $this->assertNotContains($id, array_column($this->getJson('/api/v1/food')->json('cultures'), 'id'));
    }

    public function test_the_calendar_and_the_sitter_are_told(): void
    {
        $address = $this->postJson('/api/v1/calendar')->assertSuccessful()->json('url');
        $feed = str_replace("\r\n ", '', (string) $this->get((string) parse_url((string) $address, PHP_URL_PATH))->getContent());
        $this->assertStringContainsString('SUMMARY:Buy Frozen krill', $feed);
        $this->assertStringContainsString('SUMMARY:Begin another tank of Worm bin', $feed);
        $link = $this->postJson('/api/v1/sitters', ['name' => 'Nan', 'from' => self::TODAY, 'until' => '2027-03-20', 'call' => '0123'])->assertCreated()->json('url');
        $round = $this->withHeader('Authorization', 'Bearer '.substr((string) strstr((string) $link, '#'), 1))->getJson('/api/v1/sitter-round')->assertOk()->json();
        $this->assertStringContainsString('of Meat pellets and', (string) json_encode($round));
    }

    public function test_payments_and_purchases_are_summed_up_by_year_and_kind(): void
    {
        DB::table('spendings')->delete();
        DB::table('stock_entries')->delete();
        $long = $this->system('Long tank');
        foreach ([['2026-05-01', 'power', 900], ['2026-11-02', 'power', 800.5], ['2027-02-01', 'equipment', 60]] as [$date, $kind, $amount]) {
            $this->postJson('/api/v1/spendings', ['date' => $date, 'kind' => $kind, 'amount' => $amount, 'what' => 'by hand', 'system_id' => $kind === 'equipment' ? $long : null])->assertCreated();
        }
        $this->postJson('/api/v1/foods/'.$this->food('Peas').'/stock', ['date' => '2026-07-01', 'kind' => 'bought', 'amount' => 1000, 'price' => 2.1])->assertCreated();
        $costs = $this->getJson('/api/v1/costs')->json();
        $this->assertEquals([[2027, 60], [2026, 1702.6]], array_map(fn (array $year): array => [$year['year'], $year['whole']], $costs['paid']));
        $this->assertEquals(['food' => 2.1, 'power' => 1700.5], array_column($costs['paid'][1]['kinds'], 'sum', 'kind'));
        $this->assertEquals(60, $this->getJson("/api/v1/systems/{$long}/feeding")->json('paid'));
        $wrong = $this->postJson('/api/v1/spendings', ['date' => '2027-03-01', 'kind' => 'power', 'amount' => 5, 'what' => 'twice'])->assertCreated()->json('id');
        $this->deleteJson("/api/v1/spendings/{$wrong}")->assertNoContent();
        $this->assertEquals(60, $this->getJson('/api/v1/costs')->json('paid.0.whole'));
        $this->assertSame('60 paid for by hand (equipment)', $this->getJson('/api/v1/log?kinds=spending')->json('lines.0.sentence'));
        $this->postJson('/api/v1/spendings', ['date' => self::TODAY, 'kind' => 'power', 'amount' => 0, 'what' => 'nothing'])->assertUnprocessable()->assertJsonStructure(['errors' => ['amount']]);
        $this->postJson('/api/v1/spendings', ['date' => self::TODAY, 'kind' => 'power', 'amount' => 5, 'what' => ''])->assertUnprocessable()->assertJsonStructure(['errors' => ['what']]);
    }

    /** Fish of a system cost together what the system costs: added by hand. */
    public function test_what_fish_cost_adds_up_to_what_their_systems_cost(): void
    {
        $costs = $this->getJson('/api/v1/costs')->json();
        $sum = fn (array $rows): float => array_sum(array_map(fn (array $row): float => array_sum($row['cost']), $rows));
        $this->assertGreaterThan(1000.0, $sum($costs['systems']));
        $this->assertEqualsWithDelta($sum($costs['systems']), $sum($costs['fish']), 0.5);
        $long = $this->getJson('/api/v1/systems/'.$this->system('Long tank').'/feeding')->json();
        $this->assertEqualsWithDelta(array_sum($long['year']), array_sum(array_map(fn (array $one): float => array_sum($one['cost']), $long['of_fish'])), 0.05);
    }

    private function food(string $name): int
    {
        return Food::query()->where('name', $name)->firstOrFail()->id;
    }

    /** @return array<string, mixed> */
    private function row(int $id): array
    {
        return array_column($this->getJson('/api/v1/food')->json('foods'), null, 'id')[$id];
    }

    /** @return array<string, mixed> */
    private function culture(int $id): array
    {
        return array_column($this->getJson('/api/v1/food')->json('cultures'), null, 'id')[$id];
    }
}
