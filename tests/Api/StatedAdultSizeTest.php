<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Facility\FacilityReader;
use Biomegas\Calendar\LocalDate;
use Biomegas\Planning\WhatIf;

/** Over the whole demo, every fish in every home. */
final class StatedAdultSizeTest extends ApiTestCase
{
    private const FEW_DAYS = 28;

    public function test_a_larger_stated_adult_size_never_gives_a_later_outgrow_date(): void
    {
        $kept = app(FacilityReader::class)->read();
        $never = $kept->facility->horizon()->plusDays(1);
        $earlier = $gained = 0;
        foreach ($kept->facility->fish as $fish) {
            foreach ($kept->facility->systems as $home) {
                $before = null;
                foreach ([1.0, 1.1, 1.25, 1.5, 1.7] as $times) {
                    $window = WhatIf::of($kept->growth, $fish, home: $home, adultMm: $times * $fish->species->adultLength->typical)->outgrows;
                    $days = array_map(fn (?LocalDate $day): LocalDate => $day ?? $never, [$window->early, $window->likely]);
                    foreach ($before ?? [] as $i => $day) {
                        $later = max(0, $day->daysUntil($days[$i]));
                        // Stated half as long again, its lengths are those of a slow fish: a few days may be gained by that.
                        $this->assertLessThanOrEqual($times < 1.5 ? 0 : self::FEW_DAYS, $later, "{$fish->name} in {$home->name}, {$times} times as long");
                        $gained += $later > 0 ? 1 : 0;
                        $earlier += $days[$i]->isBefore($day) ? 1 : 0;
                    }
                    $before = $days;
                }
            }
        }

        $this->assertGreaterThan(100, $earlier, 'and often an earlier one');
        $this->assertLessThan(10, $gained, 'of 2,700');
    }
}
