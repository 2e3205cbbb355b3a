<?php

declare(strict_types=1);

namespace Tests\Core\Growth;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\CandidateSpecies;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Fit\FitMemory;
use Biomegas\Growth\Fit\NoMemory;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

/** What the lengths of fish say is remembered, and found anew when that on which it rests has changed and only then. */
final class FitMemoryTest extends TestCase
{
    private const LENGTHS = ['2026-01-10' => 82, '2026-04-12' => 142, '2026-08-02' => 205, '2026-12-06' => 260];

    private const STALLED = ['2026-01-10' => 82, '2026-04-12' => 142, '2026-06-02' => 190, '2026-08-02' => 190, '2026-10-20' => 191, '2026-12-10' => 190, '2027-02-10' => 191];

    /** @param  array<string, float>  $lengths */
    #[DataProvider('fish')]
    public function test_what_is_remembered_is_what_was_found(array $lengths): void
    {
        $facility = self::facility($lengths);
        $memory = new Notebook;
        $found = self::told($facility, $memory);
        $first = count($memory->found);

        $this->assertSame(self::told($facility, null), $found);
        $this->assertSame($found, self::told($facility, $memory));
        $this->assertGreaterThan(0, $first);
        $this->assertCount($first, $memory->found, 'nothing is found twice');
    }

    /** @return array<string, array{array<string, float>}> */
    public static function fish(): array
    {
        return ['never measured' => [[]], 'measured once' => [['2026-04-12' => 142]], 'measured' => [self::LENGTHS], 'stalled' => [self::STALLED]];
    }

    public function test_another_home_or_rulebook_changes_nothing_of_it(): void
    {
        $memory = new Notebook;
        self::told(self::facility(self::LENGTHS), $memory);
        $memory->found = [];
        self::told(self::facility(self::LENGTHS, Example::tank('home', 300, 90)), $memory);

        $this->assertSame([], $memory->found);
    }

    public function test_one_more_length_finds_that_fish_anew_and_what_it_tells_of_its_kin(): void
    {
        $memory = new Notebook;
        self::told(self::facility(self::LENGTHS), $memory);
        $memory->found = [];
        self::told(self::facility([...self::LENGTHS, '2027-02-20' => 291.0]), $memory);

        $this->assertContains('levels-for-kin one', $memory->found);
        $this->assertContains('draws one invented behind', $memory->found);
        $this->assertContains('draws kin invented behind', $memory->found, 'its kin hear of it');
        $this->assertNotContains('levels-for-kin kin', $memory->found);
        $this->assertNotContains('draws stranger stranger behind', $memory->found);
    }

    public function test_other_water_in_the_past_finds_it_anew(): void
    {
        $memory = new Notebook;
        $pond = fn (float $celsius): Facility => new Facility(
            LocalDate::fromIso('2027-03-01'), 1095, new Rulebook, [Example::tank('home', 120, 50, celsius: $celsius)],
            [Example::fish(Example::ofPond(), 'home', self::LENGTHS)],
        );
        self::told($pond(22), $memory);
        $memory->found = [];
        self::told($pond(18), $memory);

        $this->assertContains('draws one invented behind', $memory->found);
    }

    /** @param  array<string, float>  $lengths  of the one that is asked about */
    private static function facility(array $lengths, ?System $home = null): Facility
    {
        $one = Example::fish(Example::of(), 'home', $lengths);
        $unsure = new Fish('unsure', 'Unsure', Example::of(), $one->arrived, $one->stays, $one->lengths, candidates: [new CandidateSpecies(Example::of(key: 'other'), 0.4)]);

        return Example::facility([$home ?? Example::tank('home', 120, 50)], [
            $one, $unsure, Example::fish(Example::of(), 'home', self::LENGTHS, key: 'kin'),
            Example::fish(Example::of(key: 'stranger'), 'home', self::LENGTHS, key: 'stranger'),
        ]);
    }

    /** @return list<mixed> what is told of every fish */
    private static function told(Facility $facility, ?FitMemory $memory): array
    {
        $memory ??= new NoMemory;
        $growth = new FacilityGrowth($facility, FacilityGrowth::paceOf($facility->until(LocalDate::fromIso('2027-02-01')), $memory), $memory);

        return array_map(function (Fish $fish) use ($growth): array {
            $projection = $growth->projectionOf($fish);

            return [serialize(array_map(fn (string $day): array => $projection->quantilesOn(LocalDate::fromIso($day)), ['2027-03-01', '2028-01-01', '2029-06-01'])), serialize($projection->adultLength()), self::days($projection, $growth->facility), array_map(fn (LocalDate $day): string => $day->toIso(), $projection->flagged()), $projection->pace()];
        }, array_values($growth->facility->fish));
    }

    /** @return list<string|null> */
    private static function days(GrowthProjection $projection, Facility $facility): array
    {
        return array_map(fn (float $limit): ?string => $projection->dayReaching(fn (): float => $limit, 0.1, $facility->system('home'))?->toIso(), [120.0, 300.0, 360.0, 450.0]);
    }
}
