<?php

declare(strict_types=1);

namespace Tests\Core\Growth;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\FedSpan;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Stay;
use Biomegas\Growth\Clock\FacilityClocks;
use Biomegas\Growth\Clock\FedGrowth;
use Biomegas\Rulebook\Ration;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class FedGrowthTest extends TestCase
{
    public function test_it_passes_through_the_rations_that_are_assumed(): void
    {
        $of = fn (Ration $ration, float $eaten): float => round(FedGrowth::of($ration, $eaten, new Rulebook), 9);
        $this->assertSame([1.0, 0.75, 1.2], [$of(Ration::Steady, 1.0), $of(Ration::Steady, 0.7), $of(Ration::Steady, 1.4)]);
        $this->assertSame([1.0, 1.0], [$of(Ration::Sparse, 1.0), $of(Ration::Several, 1.0)], 'the whole of its own ration');
        $this->assertSame([0.0, 0.0, 1.2], [$of(Ration::Steady, 0.0), $of(Ration::Steady, 0.25), $of(Ration::Steady, 3.0)], 'none on what keeps it alive, no more than the most');
        $this->assertSame(0.875, $of(Ration::Steady, 0.85));
    }

    /** Of 100 days, 28 at half the ration: they count for (0.5 − 0.25) / 0.45 · 0.75 of a day each. */
    public function test_the_clock_goes_by_what_was_eaten(): void
    {
        $fed = [new FedSpan(LocalDate::fromIso('2027-01-04'), LocalDate::fromIso('2027-02-01'), 0.5)];
        $this->assertEqualsWithDelta(100 / 365.25, $this->yearsUntilToday([]), 1e-9);
        $this->assertEqualsWithDelta((72 + 28 * 0.25 / 0.45 * 0.75) / 365.25, $this->yearsUntilToday($fed), 1e-9);
        $this->assertEqualsWithDelta(100 / 365.25, $this->yearsUntilToday([new FedSpan(LocalDate::fromIso('2026-01-04'), LocalDate::fromIso('2026-02-01'), 0.5)]), 1e-9, 'before it came');
    }

    /** @param  list<FedSpan>  $fed */
    private function yearsUntilToday(array $fed): float
    {
        $from = LocalDate::fromIso('2026-12-21');
        $fish = new Fish('one', 'One', Example::of(), $from, [new Stay('home', $from)], fed: $fed);
        $facility = Example::facility([Example::tank('home', 200, 80)], [$fish], $from->plusDays(100)->toIso());

        return (new FacilityClocks($facility))->past($fish, $fish->species)->endTime();
    }
}
