<?php

declare(strict_types=1);

namespace Tests\Core\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\StatedAdult;
use Biomegas\Rulebook\Ration;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

final class FishTest extends TestCase
{
    public function test_is_fed_as_the_last_change_says(): void
    {
        $fish = $this->fish()->fedFrom($this->day('2026-03-01'), Ration::Several)->fedFrom($this->day('2026-06-01'), Ration::Sparse);

        $this->assertSame(Ration::Steady, $fish->rationOn($this->day('2026-02-28')));
        $this->assertSame(Ration::Several, $fish->rationOn($this->day('2026-03-01')));
        $this->assertSame(Ration::Sparse, $fish->rationOn($this->day('2030-01-01')));
    }

    public function test_a_change_replaces_all_that_was_to_come_after_it(): void
    {
        $fish = $this->fish()->fedFrom($this->day('2026-06-01'), Ration::Sparse)->fedFrom($this->day('2026-03-01'), Ration::Several);

        $this->assertSame(Ration::Several, $fish->rationOn($this->day('2026-07-01')));
    }

    public function test_a_stated_adult_size_takes_the_place_of_its_species(): void
    {
        $adult = $this->fish()->ofStatedAdult(600)->possibleSpecies()[0]->species->adultLength;

        $this->assertEqualsWithDelta(600, $adult->typical, 1e-9);
        $this->assertEqualsWithDelta(600, sqrt($adult->low * $adult->high), 1e-6, 'even about it on the scale of its logarithm');
        $this->assertGreaterThan(500, $adult->low);
    }

    public function test_a_stated_adult_size_far_below_a_measured_length_is_refused(): void
    {
        StatedAdult::check($this->fish(), 290);

        $this->assertStringContainsString('On 1 February 2026', Said::refusing(fn () => StatedAdult::check($this->fish(), 200)));
    }

    private function fish(): Fish
    {
        return Example::fish(Example::of(), 'home', ['2026-01-10' => 120, '2026-02-01' => 300]);
    }

    private function day(string $iso): LocalDate
    {
        return LocalDate::fromIso($iso);
    }
}
