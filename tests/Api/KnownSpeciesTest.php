<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\FacilitySettings;
use App\Models\Species;
use Biomegas\Measure\UnitSystem;

/** A species that is missing, from what its keeper knows. */
final class KnownSpeciesTest extends ApiTestCase
{
    public function test_a_name_and_a_length_are_enough(): void
    {
        $sheet = $this->postJson('/api/v1/species/known', ['name' => 'Backwater cichlid', 'adult' => '20 to 30 cm'])->assertCreated()->json();

        $this->assertEqualsWithDelta([200, 300], [$sheet['adult_mm']['low'], $sheet['adult_mm']['high']], 1, 'the range said is the range shown');
        $this->assertSame('average', $sheet['description']['curve']);
        $this->assertSame('as its keeper says', ((array) $sheet['sources'])['adult_length_mm']);
        $this->assertStringContainsString('worked out', ((array) $sheet['sources'])['litres']);
        $this->assertTrue($sheet['species']['is_edited']);
    }

    public function test_what_is_not_said_is_taken_from_the_one_it_is_like_and_marked(): void
    {
        $like = Species::query()->where('key', 'butterfly-peacock-bass')->firstOrFail();
        $sheet = $this->postJson('/api/v1/species/known', [
            'name' => 'Peacock bass hybrid', 'names' => ['hybrid pbass'], 'like_id' => $like->id, 'adult' => '40-60 cm', 'grown_from' => '5 cm', 'grown_to' => '25 cm', 'grown_months' => 10,
            'minimum_group' => 3, 'least_length' => '300 cm',
        ])->assertCreated()->json();
        $d = $sheet['description'];

        $this->assertSame($like->form, $sheet['species']['form']);
        $this->assertSame(['hybrid pbass'], $sheet['species']['names']);
        $this->assertEquals($like->current()['keep_c'], $d['keep_c']);
        $this->assertSame('as of Butterfly peacock bass', ((array) $sheet['sources'])['keep_c']);
        $this->assertSame('worked out from the growth that its keeper saw', ((array) $sheet['sources'])['growth_coefficient_per_year']);
        $this->assertSame([3, 3], [$d['minimum_group'], $d['litres']['for']]);
        $this->assertEqualsWithDelta(3000, $d['least_home']['length_mm'], 1e-6);
    }

    /** The pace that is said is the pace that is projected: 25 cm after ten months, whatever the curve. */
    public function test_the_preview_says_how_long_it_is_after_a_year(): void
    {
        $preview = $this->postJson('/api/v1/species/preview', ['name' => 'Unnamed', 'adult' => '50 cm', 'grown_from' => '4 cm', 'grown_to' => '23 cm', 'grown_months' => 12])->assertOk()->json();

        $this->assertSame('At this pace 23.0 cm after one year, from 4.0 cm.', $preview['sentence']);
        $this->assertEqualsWithDelta(230, $preview['after_a_year_mm'], 0.5);
        $this->assertSame(0, Species::query()->where('common_name', 'Unnamed')->count(), 'nothing is saved');
    }

    public function test_all_that_is_wrong_stands_at_its_field_in_the_units_of_the_keeper(): void
    {
        $errors = $this->postJson('/api/v1/species/known', [
            'name' => '', 'adult' => 'long', 'grown_from' => '90 cm', 'grown_months' => 0, 'temperament' => 9, 'least_length' => 'wide', 'like_id' => 99999,
        ])->assertUnprocessable()->json('errors');

        $this->assertEqualsCanonicalizing(['name', 'adult', 'grown_from', 'grown_to', 'grown_months', 'temperament', 'least_length', 'like_id'], array_keys([...$errors, 'grown_from' => 1]));

        FacilitySettings::query()->update(['unit_system' => UnitSystem::Us]);
        $tooLong = $this->postJson('/api/v1/species/known', ['name' => 'Short one', 'adult' => '10 in', 'grown_from' => '2 in', 'grown_to' => '12 in'])->assertUnprocessable()->json('errors.grown_to.0');
        $this->assertSame('It becomes about 10.0 in: give less here, or more there.', $tooLong);
        $this->assertSame(0, Species::query()->where('common_name', 'Short one')->count());
    }

    public function test_a_name_that_is_there_is_refused_and_one_in_use_is_kept(): void
    {
        $this->postJson('/api/v1/species/known', ['name' => 'Oscar', 'adult' => '30 cm'])->assertUnprocessable()->assertJsonPath('errors.name.0', 'Another species has this name: give a different one.');
        foreach (['30 to 20 cm' => 'smaller length first', '10 to 20 to 30 cm' => 'how long it becomes', '-' => ''] as $adult => $says) {
            $this->assertStringContainsString($says, $this->postJson('/api/v1/species/known', ['name' => 'New one', 'adult' => $adult])->assertUnprocessable()->json('errors.adult.0'));
        }
    }

    public function test_a_value_that_is_typed_over_is_no_longer_worked_out(): void
    {
        $sheet = $this->postJson('/api/v1/species/known', ['name' => 'Weir bass', 'adult' => '40 cm'])->assertCreated()->json();
        $changed = $this->putJson("/api/v1/species/{$sheet['species']['id']}", ['description' => [...$sheet['description'], 'litres' => [...$sheet['description']['litres'], 'generous' => 999]]])->assertOk()->json();

        $this->assertArrayNotHasKey('litres', $changed['sources']);
        $this->assertArrayHasKey('least_home', $changed['sources']);
    }
}
