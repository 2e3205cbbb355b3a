<?php

declare(strict_types=1);

namespace Tests\Core\Food;

use Biomegas\Facility\Diet;
use Biomegas\Facility\Habits;
use Biomegas\Facility\Species;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Food\Amount;
use Biomegas\Food\Food;
use Biomegas\Food\FoodForm;
use Biomegas\Food\Taking;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleOption;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class FoodTest extends TestCase
{
    public function test_wet_food_counts_by_its_dry_matter(): void
    {
        $worms = Store::worms();
        // Five worms are 4 g, of which a quarter of what dry food has.
        $this->assertEqualsWithDelta(1.0, $worms->asDryFood(5), 1e-9);
        $this->assertEqualsWithDelta(5.0, $worms->amountFor(1.0), 1e-9);
        $this->assertEqualsWithDelta(0.6, $worms->proteinOfDryFood(), 1e-9, '0.6 g of protein in those 4 g');
        $this->assertEqualsWithDelta(10.0, Store::pellets()->pricePerDryKg(), 1e-9);
        $this->assertNull($worms->pricePerDryKg());
    }

    public function test_diet_decides_unless_the_keeper_has_seen_otherwise(): void
    {
        $kind = fn (Diet $diet): Species => Example::of(habits: new Habits(diet: $diet));
        $this->assertSame([Taking::Takes, Taking::Refuses], [Store::pellets()->for($kind(Diet::Meat), new Rulebook), Store::pellets()->for($kind(Diet::Grazer), new Rulebook)]);
        $bred = (new Rulebook)->answering(RuleOption::LiveFood, 'cultured-at-home');
        $this->assertSame(Taking::Takes, Store::liveFish()->for($kind(Diet::Meat), $bred));
        $this->assertSame(Taking::Refuses, Store::liveFish(['invented' => Taking::Refuses])->for($kind(Diet::Meat), $bred));
        $this->assertSame(Taking::Forbidden, Store::liveFish(['invented' => Taking::Takes])->for($kind(Diet::Meat), new Rulebook), 'the school of the place comes first');
    }

    /** @return iterable<string, array{string, array<string, mixed>}> the field, and what is wrong */
    public static function impossible(): iterable
    {
        yield 'all water' => ['dry_matter_percent', ['dryMatter' => 0.0]];
        yield 'more than dry' => ['dry_matter_percent', ['dryMatter' => 1.1]];
        yield 'more protein than there is' => ['protein_percent', ['protein' => 0.5, 'dryMatter' => 0.4]];
        yield 'less than no protein' => ['protein_percent', ['protein' => -0.1]];
        yield 'pieces of nothing' => ['grams_each', ['gramsEach' => 0.0]];
        yield 'an empty pack' => ['pack', ['pack' => 0.0]];
        yield 'a price of nothing' => ['pack', ['price' => 5.0]];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_names_the_field(string $field, array $wrong): void
    {
        try {
            new Food(...['key' => 'x', 'name' => 'X', 'form' => FoodForm::Dry, 'takenBy' => [], 'protein' => 0.3, ...$wrong]);
            $this->fail('It was taken.');
        } catch (InvalidEntry $refusal) {
            $this->assertSame($field, $refusal->field);
        }
    }

    public function test_pieces_are_given_whole_and_crumbs_are_not_given(): void
    {
        $this->assertSame(3.0, Amount::toGive(Store::worms(), 2.6)->amount);
        $this->assertSame('food.pieces', Amount::toGive(Store::worms(), 2.6)->finding()->code);
        $this->assertFalse(Amount::toGive(Store::worms(), 0.4)->isWorthGiving());
        $this->assertFalse(Amount::toGive(Store::pellets(), 0.4)->isWorthGiving());
        $this->assertTrue(Amount::toGive(Store::pellets(), 0.6)->isWorthGiving());
    }
}
