<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Fish;
use App\Models\Species;
use App\Models\System;

final class BeforeAfterTest extends ApiTestCase
{
    public function test_before_and_after_of_a_change(): void
    {
        $sluice = $this->system('Sluice tank');
        $barb = Species::query()->where('key', 'tinfoil-barb')->firstOrFail()->id;
        $answer = $this->getJson("/api/v1/systems/{$sluice}/before-after?species_id[]={$barb}&count[]=40&length[]=5cm&filter_care=deep-cleaned")->assertOk()->json();

        $this->assertSame('too-much', $answer['forecast']['outcome']);
        $this->assertStringStartsWith('Not ', $answer['sentence']);
        $this->assertGreaterThan($answer['before']['mass_g'], $answer['after']['mass_g']);
        $this->assertSame($answer['before']['turnover'], $answer['after']['turnover']);
        $pump = $this->getJson("/api/v1/systems/{$sluice}/before-after?turnover=5000&weekly_change=60")->assertOk()->json();
        $this->assertNull($pump['forecast']);
        $this->assertGreaterThan($pump['before']['turnover'], $pump['after']['turnover']);
        $this->assertLessThan($pump['before']['nitrate_peak'], $pump['after']['nitrate_peak']);

        foreach (['divider_at=9m' => 'divider_at', 'species_id[]=1' => 'length.0', 'weekly_change=0' => 'weekly_change', 'filter_media=sponge' => 'filter_litres', 'turnover=fast' => 'turnover', 'species_id[]=99999&length[]=5&count[]=1' => 'species_id.0', 'species_id[]=1&count[]=0&length[]=5' => 'count.0', 'species_id[]=1&count[]=1&length[]=long' => 'length.0', 'filter_care=scrubbed&care_days_before=90' => 'care_days_before', 'weekly_change=40&on=2027-03-12' => 'on'] as $asked => $field) {
            $this->getJson("/api/v1/systems/{$sluice}/before-after?{$asked}")->assertUnprocessable()->assertJsonValidationErrorFor($field);
        }
    }

    public function test_one_forecast_takes_several_kinds(): void
    {
        [$barb, $koi] = [$this->species('tinfoil-barb'), $this->species('koi')];
        $peak = fn (string $asked): float => (float) $this->change($asked)['forecast']['nitrite_peak'];
        $one = $peak("species_id[]={$barb}&count[]=10&length[]=5cm");
        $other = $peak("species_id[]={$koi}&count[]=10&length[]=5cm");
        $both = $this->change("species_id[]={$barb}&count[]=10&length[]=5cm&species_id[]={$koi}&count[]=10&length[]=5cm");

        $this->assertGreaterThan(max($one, $other), $both['forecast']['nitrite_peak']);
        $this->assertGreaterThan(0, $both['after']['mass_g'] - $both['before']['mass_g']);
    }

    public function test_what_was_done_to_the_filter_matters_less_with_every_day_and_dosed_bacteria_help(): void
    {
        $barb = $this->species('tinfoil-barb');
        $peak = fn (string $more): float => (float) $this->change("species_id[]={$barb}&count[]=40&length[]=5cm&filter_care=scrubbed{$more}")['forecast']['nitrite_peak'];
        [$now, $weekAgo, $monthAgo, $dosed] = [$peak(''), $peak('&care_days_before=7'), $peak('&care_days_before=30'), $peak('&is_dosed=yes')];

        $this->assertGreaterThan($weekAgo, $now);
        $this->assertGreaterThan($monthAgo, $weekAgo);
        $this->assertGreaterThan($dosed, $now);
    }

    public function test_it_begins_on_the_day_of_the_change_with_the_residents_of_that_day(): void
    {
        $today = $this->change('filter_care=rinsed');
        $later = $this->change('filter_care=rinsed&on=2028-03-13');

        $this->assertSame([self::TODAY, '2028-03-13'], [$today['on'], $later['on']]);
        $this->assertGreaterThan($today['before']['mass_g'], $later['before']['mass_g'], 'they have grown');
        $this->assertEqualsWithDelta(1.0, $later['forecast']['nitrite_alarm'], 1e-9);
        $this->assertGreaterThan(0.0, $later['forecast']['ammonia_alarm']);
    }

    public function test_a_filter_remembers_those_that_died_lately_and_what_was_put_into_its_water(): void
    {
        $home = System::factory()->create();
        $barbs = Fish::factory()->livingIn($home)->measuring(['2026-10-01' => 20.0])->create(['count' => 12]);
        $peak = fn (): float => (float) $this->getJson("/api/v1/systems/{$home->id}/before-after?species_id[]={$this->species('tinfoil-barb')}&count[]=10&length[]=18cm")->assertOk()->json('forecast.nitrite_peak');
        $before = $peak();
        $this->postJson("/api/v1/fish/{$barbs->id}/losses", ['date' => self::TODAY, 'kind' => 'death', 'count' => 10])->assertCreated();
        $this->assertLessThan(0.5, $peak(), 'the filter carried them until today');

        $this->postJson("/api/v1/fish/{$barbs->id}/treatments", ['product_class' => 'antibiotic', 'date' => self::TODAY, 'until' => self::TODAY])->assertCreated();
        $this->assertGreaterThan($before, $peak());
        $this->assertGreaterThan(0.5, $peak());
    }

    private function species(string $key): int
    {
        return Species::query()->where('key', $key)->firstOrFail()->id;
    }

    /** @return array<string, mixed> */
    private function change(string $asked): array
    {
        return $this->getJson("/api/v1/systems/{$this->system('Sluice tank')}/before-after?{$asked}")->assertOk()->json();
    }
}
