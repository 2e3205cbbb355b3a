<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Diet;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\Habits;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Facility\Way;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Planning\Company\MeasuredPast;
use Biomegas\Planning\Company\Suspect;
use Biomegas\Planning\Company\Suspects;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

final class SuspectsTest extends TestCase
{
    public function test_by_mouth_access_and_what_is_written_down(): void
    {
        $barbs = self::fish('barbs', self::species(), ['2026-06-01' => 95], count: 12);
        $facility = Example::facility([Example::tank('tank', 200, 60), Example::tank('other', 100, 40)], [
            $barbs,
            self::fish('bodkin', self::species(0.33), ['2026-06-01' => 200, '2027-02-20' => 300]),
            self::fish('newcomer', self::species(0.5), ['2027-02-01' => 300], arrived: '2027-01-20'),
            self::fish('piecemeal', self::species(0.1, bites: true), ['2027-02-01' => 150]),
            self::fish('grazer', self::species(0.5, diet: Diet::Grazer), ['2027-02-01' => 400]),
            self::fish('small', self::species(0.24), ['2027-02-01' => 200]),
            self::fish('elsewhere', self::species(0.5), ['2027-02-01' => 400], system: 'other'),
        ]);
        $of = fn (array $ate): array => Suspects::of($facility, $barbs, LocalDate::fromIso('2026-08-01'), self::occupant(...), $ate);
        $this->assertSame(['bodkin', 'piecemeal', 'newcomer'], array_map(fn (Suspect $suspect): string => $suspect->fish, $of([])));
        $this->assertSame('Its mouth has been large enough since November 2026.', Said::of($of([])[0]->reasons));
        $this->assertSame('It bites pieces out of others.', Said::of($of([])[1]->reasons));
        $this->assertStringContainsString('It lived there for 19 % of the time.', Said::of($of([])[2]->reasons));
        $this->assertSame('small', $of(['small' => 2])[0]->fish, 'it has eaten of them');
        $this->assertSame('It has eaten of them before.', Said::of($of(['small' => 2])[0]->reasons));
    }

    public function test_jumps_by_lid_and_kind(): void
    {
        $jumps = fn (System $tank, Species $species): string => Said::of(array_filter([Suspects::jumps(Example::facility([$tank], [$fish = self::fish('barbs', $species, ['2026-06-01' => 80], system: $tank->key)]), $fish)]));
        $open = Example::tank('open', 200, 60);
        $tight = new System('tight', 'Tight', $open->kind, $open->pools, $open->temperature, fittings: [Fitting::TightLid]);
        $jumper = Example::of(needs: new HousingNeeds(ways: [Way::Jumper]));
        $this->assertSame('Jumps are unlikely: Tight has a tight lid.', $jumps($tight, $jumper));
        $this->assertSame('Invented fish jumps, and Open has no tight lid: look behind it.', $jumps($open, $jumper));
        $this->assertSame('', $jumps($open, Example::of()));
    }

    public function test_the_past_lies_in_straight_lines_between_what_was_measured(): void
    {
        $past = MeasuredPast::of(self::fish('bodkin', self::species(), ['2026-06-01' => 200, '2026-06-11' => 300]), 340, LocalDate::fromIso('2026-06-21'));
        foreach (['2026-01-01' => 200.0, '2026-06-06' => 250.0, '2026-06-11' => 300.0, '2026-06-16' => 320.0, '2026-07-30' => 340.0] as $day => $length) {
            $this->assertEqualsWithDelta($length, $past->on(LocalDate::fromIso($day)), 1e-9, $day);
        }
    }

    private static function occupant(Fish $fish): Occupant
    {
        return Shoal::of($fish)->occupant($fish->lastLength()?->length->millimetres() ?? 0.0);
    }

    private static function species(float $mouth = 0.2, bool $bites = false, Diet $diet = Diet::Meat): Species
    {
        return Example::of(habits: new Habits(diet: $diet, mouthRatio: $mouth, bitesPieces: $bites));
    }

    /** @param  array<string, float>  $lengths */
    private static function fish(string $key, Species $species, array $lengths, string $arrived = '2026-05-01', string $system = 'tank', int $count = 1): Fish
    {
        return Example::fish($species, $system, $lengths, $arrived, count: $count, key: $key);
    }
}
