<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Planning\HomesAhead\Resident;
use Biomegas\Planning\HomesAhead\Residents;
use Biomegas\Planning\HomesAhead\Whereabouts;
use LogicException;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class ResidentsTest extends TestCase
{
    public function test_whether_anybody_is_there_is_told_without_how_long_they_are(): void
    {
        [$home, $other] = [Example::tank('home', 120, 50), Example::tank('other', 120, 50)];
        $fish = [Example::fish(Example::of(), 'home', []), Example::fish(Example::of(), 'home', [], key: 'two')];
        $facility = Example::facility([$home, $other], $fish);
        $residents = Residents::of(new Whereabouts($facility, []), fn (Fish $one): LengthsAhead => throw new LogicException("{$one->key} was measured."));

        $this->assertFalse($residents->isEmpty($home, $facility->date, $fish[0]));
        $this->assertTrue($residents->isEmpty($other, $facility->date, $fish[0]));
        $this->expectException(LogicException::class);
        $residents->in($home, $facility->date, $fish[0]);
    }

    public function test_a_home_in_which_it_is_alone_is_empty_for_it_and_for_nobody_else(): void
    {
        $home = Example::tank('home', 120, 50);
        [$one, $two] = [Example::fish(Example::of(), 'home', []), Example::fish(Example::of(), 'home', [], key: 'two')];
        $facility = Example::facility([$home], [$one]);
        $growth = new FacilityGrowth($facility);
        $residents = Residents::of(new Whereabouts($facility, []), fn (Fish $fish): LengthsAhead => LengthsAhead::of($facility, $growth->projectionOf($fish)));

        $this->assertTrue($residents->isEmpty($home, $facility->date, $one));
        $this->assertFalse($residents->isEmpty($home, $facility->date, $two));
        $this->assertSame(['one'], array_map(fn (Occupant $occupant): ?string => $occupant->fish, $residents->in($home, $facility->date, $two)));
    }

    public function test_one_that_comes_later_is_there_from_its_day_on_and_in_nobodys_way_before(): void
    {
        $home = Example::tank('home', 120, 50);
        [$one, $guest] = [Example::fish(Example::of(), 'home', []), Example::fish(Example::of(), 'home', [], key: 'guest')];
        $comes = LocalDate::fromIso('2027-06-01');
        $residents = new Residents(fn (): array => [new Resident($guest, fn (): Occupant => new Occupant('Guest', $guest->species, 100, 1, 1.0, 'guest'), fn (LocalDate $date): bool => ! $date->isBefore($comes))]);

        foreach (['2027-05-31' => true, '2027-06-01' => false] as $day => $isEmpty) {
            $this->assertSame($isEmpty, $residents->isEmpty($home, LocalDate::fromIso($day), $one));
            $this->assertCount($isEmpty ? 0 : 1, $residents->in($home, LocalDate::fromIso($day), $one));
        }
    }
}
