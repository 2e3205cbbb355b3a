<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Food;
use App\Models\Meal;
use Carbon\Carbon;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is fed, planned and written down, at Heron Lock on a fixed day. */
final class FeedingTest extends ApiTestCase
{
    public function test_one_tap_writes_down_one_go_of_what_is_planned(): void
    {
        $porch = $this->system('Porch tank');
        $row = $this->row($porch);
        $this->assertSame([2, 'twice, each time 2 g of Meat pellets and 3 g of Frozen krill', []], [$row['times'], $row['says'], $row['meals']]);

        $id = $this->postJson("/api/v1/systems/{$porch}/meals", ['date' => self::TODAY, 'time' => '08:10', 'outcome' => 'eaten'])->assertCreated()->json('id');
        $this->assertSame([['id' => $id, 'time' => '08:10', 'outcome' => 'eaten']], $this->row($porch)['meals']);
        $meals = Meal::query()->where('date', self::TODAY)->orderBy('id')->get();
        $this->assertSame([null, $id], [$meals[0]->first_id, $meals[1]->first_id]);
        $this->assertEqualsWithDelta($row['ration_g'] / 2, $meals->sum('dry_grams'), 0.01, 'half of the ration, as dry food');
        $this->assertEqualsWithDelta(0.7, $meals[0]->dry_grams / $meals->sum('dry_grams'), 0.01);

        $this->assertMatchesRegularExpression('/^Porch tank: fed \d g of Meat pellets/', (string) $this->getJson('/api/v1/log?kinds=meal')->json('lines.0.sentence'));
        $this->deleteJson("/api/v1/meals/{$id}")->assertNoContent();
        $this->assertSame([], $this->row($porch)['meals'], 'with all that was given in the same go');
    }

    public function test_what_was_fed_drives_load_and_is_said_when_it_is_too_much(): void
    {
        $cabin = $this->system('Cabin tank');
        $feeding = $this->getJson("/api/v1/systems/{$cabin}/feeding")->json();
        $this->assertStringContainsString('1.5 times the computed ration', $feeding['findings'][0]);
        $this->assertEqualsWithDelta(1.5, $feeding['weeks'][count($feeding['weeks']) - 1]['given'], 0.1);
        $load = fn (): float => $this->getJson("/api/v1/systems/{$cabin}")->json('load.months.0.feed_g');
        $overfed = $load();
        DB::table('meals')->where('system_id', $cabin)->delete();
        DB::table('fed_weeks')->where('system_id', $cabin)->delete();
        $this->assertEqualsWithDelta(1.5, $overfed / $load(), 0.1, 'without meals as it is planned');
    }

    public function test_another_food_counts_in_its_own_unit_alone(): void
    {
        $porch = $this->system('Porch tank');
        $worms = Food::query()->where('name', 'Earthworms')->firstOrFail()->id;
        $given = fn (array $one): array => ['date' => self::TODAY, 'outcome' => 'some', 'eaten_percent' => 25, 'given' => [['food_id' => $worms, ...$one]]];
        $this->postJson("/api/v1/systems/{$porch}/meals", $given(['amount' => 5, 'unit' => 'gram']))->assertUnprocessable()->assertJsonPath('errors', ['given.0.unit' => ['Earthworms: counted in pieces here, so give pieces.']]);
        $this->postJson("/api/v1/systems/{$porch}/meals", $given(['amount' => 5, 'unit' => 'piece']))->assertCreated();
        $meal = Meal::query()->where('date', self::TODAY)->firstOrFail();
        // Five worms of 0.8 g, 17 % of it dry matter.
        $this->assertEqualsWithDelta(5 * 0.8 * 0.17 / 0.92, $meal->dry_grams, 1e-6);
        $this->assertEqualsWithDelta(0.25, $meal->eaten_share, 1e-9);
    }

    public function test_a_fish_that_leaves_its_food_is_asked_about_when_its_kind_would_not(): void
    {
        $sluice = $this->system('Sluice tank');
        $rush = $this->fish('Rush');
        $this->assertSame([['fish_id' => $rush, 'says' => 'Rush has left its food for 3 days; up to 7 are no reason to worry.']], $this->row($sluice)['refusals']);
        $asked = fn (): array => array_filter($this->getJson('/api/v1/today')->json('due'), fn (array $due): bool => $due['kind'] === 'sign' && $due['fish_id'] === $rush);
        $this->assertSame([], $asked());
        Carbon::setTestNow('2027-03-19 09:00:00');
        $this->assertCount(1, $asked());
        $this->postJson("/api/v1/systems/{$sluice}/meals", ['fish_id' => $rush, 'date' => '2027-03-19', 'outcome' => 'eaten'])->assertCreated();
        $this->assertSame([], $asked());
    }

    public function test_that_the_others_eat_says_nothing_of_one_that_was_seen_not_to(): void
    {
        $sluice = $this->system('Sluice tank');
        $rush = $this->fish('Rush');
        $weeks = fn (): array => array_column($this->getJson("/api/v1/systems/{$sluice}/feeding")->json('weeks'), 'given');
        $before = $weeks();
        $this->postJson("/api/v1/systems/{$sluice}/meals", ['date' => self::TODAY, 'outcome' => 'eaten'])->assertCreated();
        $this->assertCount(1, $this->row($sluice)['refusals']);
        $this->postJson("/api/v1/systems/{$sluice}/meals", ['fish_id' => $rush, 'date' => self::TODAY, 'outcome' => 'refused'])->assertCreated();
        $this->assertSame($before, $weeks(), 'it ate at the table of the others: nothing more was given');
        $this->postJson("/api/v1/fish/{$rush}/health-observations", ['date' => self::TODAY, 'is_eating' => true, 'sign' => null])->assertSuccessful();
        $this->assertSame([], $this->row($sluice)['refusals'], 'a look that finds it eating ends it');
    }

    public function test_a_table_that_left_its_food_is_told_of_until_it_eats(): void
    {
        $porch = $this->system('Porch tank');
        $this->assertSame([], $this->row($porch)['refusals']);
        $this->postJson("/api/v1/systems/{$porch}/meals", ['date' => self::TODAY, 'outcome' => 'refused'])->assertCreated();
        $this->assertCount(count($this->getJson("/api/v1/systems/{$porch}/feeding")->json('tables.0.fish')), $this->row($porch)['refusals']);
        $this->postJson("/api/v1/systems/{$porch}/meals", ['date' => self::TODAY, 'outcome' => 'eaten'])->assertCreated();
        $this->assertSame([], $this->row($porch)['refusals'], 'of two meals of a day one was eaten');
    }

    public function test_a_fish_is_fed_by_itself_and_with_the_others_again(): void
    {
        $sluice = $this->system('Sluice tank');
        $rush = $this->fish('Rush');
        $plan = ['parts' => [['food_id' => $this->food('Meat pellets'), 'percent' => 100]], 'of_ration_percent' => 120, 'times' => 1, 'fasting' => [], 'medicine' => 'wormer', 'medicine_until' => '2027-03-14'];
        $this->putJson("/api/v1/fish/{$rush}/feeding-plan", $plan)->assertNoContent();
        $tables = $this->getJson("/api/v1/systems/{$sluice}/feeding")->json('tables');
        $this->assertSame([[null, null], [$rush, 'wormer']], array_map(fn (array $table): array => [$table['fish_id'], $table['medicine']], $tables));
        $this->assertNotContains($rush, $tables[0]['fish']);
        $this->assertSame($plan['parts'], $tables[1]['plan']['parts']);
        Carbon::setTestNow('2027-03-15 09:00:00');
        $this->assertNull($this->getJson("/api/v1/systems/{$sluice}/feeding")->json('tables.1.medicine'), 'it has ended');
        $this->deleteJson("/api/v1/fish/{$rush}/feeding-plan")->assertNoContent();
        $this->assertCount(1, $this->getJson("/api/v1/systems/{$sluice}/feeding")->json('tables'));
    }

    public function test_a_plan_is_changed_and_dropped(): void
    {
        $porch = $this->system('Porch tank');
        $this->putJson("/api/v1/systems/{$porch}/feeding-plan", ['parts' => [['food_id' => $this->food('Meat pellets'), 'percent' => 100]], 'of_ration_percent' => 100, 'times' => 1, 'fasting' => [6]])->assertNoContent();
        $this->assertSame(['nothing: it is a day of fasting', false], [$this->row($porch)['says'], $this->row($porch)['is_fed']], 'a Saturday');
        $this->deleteJson("/api/v1/systems/{$porch}/feeding-plan")->assertNoContent();
        $this->assertStringContainsString('of dry food', $this->row($porch)['says']);
        $this->postJson("/api/v1/systems/{$porch}/meals", ['date' => self::TODAY, 'outcome' => 'eaten'])->assertCreated();
        $this->assertEqualsWithDelta($this->row($porch)['ration_g'], (float) Meal::query()->where('date', self::TODAY)->firstOrFail()->dry_grams, 0.01);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badPlans(): iterable
    {
        yield 'no food' => [['parts' => []], 'parts'];
        yield 'no whole' => [['parts' => [['food_id' => 1, 'percent' => 60]]], 'parts'];
        yield 'a food of nowhere' => [['parts' => [['food_id' => 99999, 'percent' => 100]]], 'parts.0.food_id'];
        yield 'never fed' => [['fasting' => [1, 2, 3, 4, 5, 6, 7]], 'fasting'];
        yield 'no day' => [['fasting' => [8]], 'fasting.0'];
        yield 'nothing' => [['of_ration_percent' => 0], 'of_ration_percent'];
        yield 'never' => [['times' => 0], 'times'];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('badPlans')]
    public function test_a_plan_that_cannot_be_names_the_field_and_changes_nothing(array $wrong, string $field): void
    {
        $porch = $this->system('Porch tank');
        $before = $this->row($porch);
        $errors = $this->putJson("/api/v1/systems/{$porch}/feeding-plan", ['parts' => [['food_id' => 1, 'percent' => 100]], 'of_ration_percent' => 100, 'times' => 1, 'fasting' => [], ...$wrong])->assertUnprocessable()->json('errors');
        $this->assertArrayHasKey($field, $errors);
        $this->assertSame($before, $this->row($porch));
    }

    public function test_meals_that_cannot_have_been_are_refused(): void
    {
        $porch = $this->system('Porch tank');
        $refused = fn (array $meal): array => array_keys($this->postJson("/api/v1/systems/{$porch}/meals", ['date' => self::TODAY, 'outcome' => 'eaten', ...$meal])->assertUnprocessable()->json('errors'));
        $this->assertSame(['date'], $refused(['date' => '2027-03-14']));
        $this->assertSame(['fish_id'], $refused(['fish_id' => $this->fish('Rush')]), 'it lives elsewhere');
        $this->assertSame(['outcome'], $refused(['outcome' => 'thrown']));
        $this->assertSame(['given.0.amount'], $refused(['given' => [['food_id' => 1, 'amount' => -3]]]));
        $this->assertSame(0, Meal::query()->where('date', self::TODAY)->count());
    }

    /** An entry is corrected like any other of the log, and the week is summed up anew. */
    public function test_a_meal_is_corrected_in_the_log(): void
    {
        $porch = $this->system('Porch tank');
        Meal::query()->where('system_id', $porch)->forceDelete();
        $id = $this->postJson("/api/v1/systems/{$porch}/meals", ['date' => '2027-03-12', 'outcome' => 'eaten', 'given' => [['food_id' => $this->food('Meat pellets'), 'amount' => 10]]])->assertCreated()->json('id');
        $line = DB::table('log_lines')->where(['kind' => 'meal', 'row_id' => $id])->value('id');
        $entry = $this->getJson("/api/v1/log/{$line}")->json();
        $this->assertSame(['outcome', 'eaten_percent', 'amount', 'date', 'time'], array_column($entry['fields'], 'name'));
        $this->putJson("/api/v1/log/{$line}", ['version' => $entry['version'], 'fields' => ['amount' => '4']])->assertSuccessful();
        $this->assertEqualsWithDelta(4.0, (float) DB::table('fed_weeks')->where(['system_id' => $porch, 'monday' => '2027-03-08'])->value('given_grams'), 1e-6);
        $this->deleteJson("/api/v1/log/{$line}")->assertSuccessful();
        $this->assertNull(DB::table('fed_weeks')->where(['system_id' => $porch, 'monday' => '2027-03-08'])->value('given_grams'));
        $this->postJson("/api/v1/log/{$line}/restore")->assertSuccessful();
        $this->assertEqualsWithDelta(4.0, (float) DB::table('fed_weeks')->where(['system_id' => $porch, 'monday' => '2027-03-08'])->value('given_grams'), 1e-6);
    }

    /** What its food costs by then, and whether it is kept at all, says nothing of that day. */
    public function test_a_corrected_meal_costs_what_its_food_cost_when_it_was_fed(): void
    {
        $porch = $this->system('Porch tank');
        $food = Food::query()->where('name', 'Prawns in the shell')->firstOrFail();
        $food->update(['pack' => 1000.0, 'price' => 12.0]);
        $id = $this->postJson("/api/v1/systems/{$porch}/meals", ['date' => '2027-03-12', 'outcome' => 'eaten', 'given' => [['food_id' => $food->id, 'amount' => 10]]])->assertCreated()->json('id');
        $dry = Meal::query()->findOrFail($id)->dry_grams;
        $food->update(['price' => 99.0, 'dry_matter' => 0.9]);
        $food->delete();
        $line = DB::table('log_lines')->where(['kind' => 'meal', 'row_id' => $id])->value('id');
        $this->putJson("/api/v1/log/{$line}", ['version' => $this->getJson("/api/v1/log/{$line}")->json('version'), 'fields' => ['amount' => '15']])->assertSuccessful();
        $meal = Meal::query()->findOrFail($id);
        $this->assertEqualsWithDelta([15.0, 1.5 * $dry, 0.18], [$meal->amount, $meal->dry_grams, $meal->cost], 1e-9);
        $this->putJson("/api/v1/log/{$line}", ['version' => $this->getJson("/api/v1/log/{$line}")->json('version'), 'fields' => ['amount' => '0']])->assertUnprocessable();
        $this->assertEqualsWithDelta(15.0, Meal::query()->findOrFail($id)->amount, 1e-9);
    }

    /** @return array<string, mixed> all together in that home */
    private function row(int $system): array
    {
        return array_values(array_filter($this->getJson('/api/v1/feeding')->json(), fn (array $row): bool => $row['system_id'] === $system && $row['fish_id'] === null))[0];
    }

    private function food(string $name): int
    {
        return Food::query()->where('name', $name)->firstOrFail()->id;
    }
}
