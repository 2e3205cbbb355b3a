<?php

declare(strict_types=1);

namespace Tests\Core\Culture;

use Biomegas\Calendar\LocalDate;
use Biomegas\Culture\Culture;
use Biomegas\Culture\CultureEvent;
use Biomegas\Culture\CultureEventKind;
use Biomegas\Culture\CultureFit;
use Biomegas\Culture\CultureKind;
use Biomegas\Culture\CultureOutlook;
use Biomegas\Culture\Logistic;
use Biomegas\Finding\InvalidEntry;
use PHPUnit\Framework\TestCase;

final class CultureOutlookTest extends TestCase
{
    private const BEGAN = '2027-01-04';

    /** A culture that grows otherwise than its kind is known again from its counts: simulated with known growth and room. */
    public function test_counts_tell_how_it_grows(): void
    {
        $truth = new Logistic(0.4, 2000.0);
        $events = array_map(fn (int $week): CultureEvent => $this->event($week, CultureEventKind::Counted, $truth->after(100.0, $week)), [2, 4, 6, 8, 10, 14, 18, 22, 26]);
        $fit = CultureFit::of($this->culture(room: 1200.0), $events, $this->week(26));
        $this->assertEqualsWithDelta(0.4, $fit->growth->growth, 0.03);
        $this->assertEqualsWithDelta(2000.0, $fit->growth->room, 150.0);
        $this->assertEqualsWithDelta($truth->after(100.0, 26), $fit->now, 120.0);
        $before = CultureFit::of($this->culture(room: 1200.0), [], $this->week(26));
        $this->assertEqualsWithDelta(CultureKind::Snails->usualGrowth(), $before->growth->growth, 1e-6, 'without counts as its kind');
        $this->assertEqualsWithDelta(1200.0, $before->growth->room, 0.1);
        $this->assertGreaterThan(2 * $fit->spread, $before->spread, 'and counts leave less doubt');
    }

    public function test_a_harvest_takes_at_once_and_the_rest_grows_on(): void
    {
        $growth = new Logistic(CultureKind::Snails->usualGrowth(), 1000.0);
        $fit = CultureFit::of($this->culture(), [$this->event(10, CultureEventKind::Harvested, 100.0), $this->event(12, CultureEventKind::Added, 50.0)], $this->week(14));
        $this->assertEqualsWithDelta($growth->after($growth->after($growth->after(100.0, 10) - 100, 2) + 50, 2), $fit->now, 0.01);
        $this->assertCount(15, $fit->course);
    }

    public function test_what_it_can_give_is_held_against_what_is_taken(): void
    {
        $says = fn (array $taken, array $events = []): string => $this->outlook($taken, $events)->finding($this->week(30))->code;
        // r 0.25, room 1000: 62.5 a week for good.
        $this->assertSame('culture.carries', $says([20, 30, 40]));
        $this->assertSame('culture.short_now', $says([70, 70, 70]));
        $this->assertSame('culture.short_later', $says([20, 50, 70]));
        $this->assertSame('culture.not_taken', $says([0, 0, 0]));
        $this->assertSame('culture.gone', $says([20, 30, 40], [$this->event(29, CultureEventKind::Counted, 0.0)]));
        $this->assertNotSame('culture.gone', $says([20, 30, 40], [$this->event(28, CultureEventKind::Counted, 0.0), $this->event(29, CultureEventKind::Added, 300.0)]), 'begun anew');
    }

    public function test_the_next_tank_is_begun_in_time(): void
    {
        $outlook = $this->outlook([20, 50, 140], []);
        $this->assertEquals(62.5, round($outlook->steady[1], 6));
        $this->assertSame($this->week(38)->toIso(), $outlook->shortFrom?->toIso());
        $this->assertSame(3, $outlook->tanks, '140 of 62.5 each');
        // From a twentieth to half of the room: ln 19 / 0.25 = 11.8 weeks, which is more than the eight there are.
        $this->assertSame(12, $outlook->weeksToStart());
        $this->assertSame($this->week(30)->toIso(), $outlook->begin?->toIso());
        $this->assertTrue($outlook->isDueOn($this->week(30)));
        $this->assertFalse($this->outlook([20, 30, 40], [])->isDueOn($this->week(30)));
    }

    public function test_too_few_are_told_to_be_left_alone(): void
    {
        $outlook = $this->outlook([50, 50, 50], [$this->event(30, CultureEventKind::Harvested, 900.0)]);
        $this->assertSame('culture.too_few', $outlook->finding($this->week(30))->code);
        $this->assertNotNull($outlook->gone);
    }

    public function test_whole_fish_and_bought_animals_come_with_a_caution(): void
    {
        $codes = fn (CultureKind $kind, ?int $quarantine = null): array => array_column($kind->cautions($quarantine === null ? null : $this->week($quarantine), $this->week(5)), 'code');
        $this->assertSame(['culture.never_wild'], $codes(CultureKind::Worms));
        $this->assertSame(['culture.in_quarantine', 'culture.feeder_fish', 'culture.never_wild'], $codes(CultureKind::Minnows, 6));
        $this->assertSame(['culture.never_wild'], $codes(CultureKind::Snails, 5), 'it is over');
    }

    public function test_a_culture_of_nothing_names_the_field(): void
    {
        foreach (['seed' => ['seed' => 0.0], 'room' => ['room' => 0.0]] as $field => $wrong) {
            try {
                $this->culture(...$wrong);
                $this->fail('It was taken.');
            } catch (InvalidEntry $refusal) {
                $this->assertSame($field, $refusal->field);
            }
        }
        $this->expectExceptionMessage('seed: culture.seed_beyond_room');
        $this->culture(seed: 1001.0);
    }

    /**
     * @param  list<int>  $taken  a week: now, in four weeks, in eight
     * @param  list<CultureEvent>  $events
     */
    private function outlook(array $taken, array $events): CultureOutlook
    {
        return CultureOutlook::of($this->culture(), $events, array_map(fn (int $i, int $n): array => [$this->week(30 + 4 * $i), (float) $n], array_keys($taken), $taken), $this->week(30));
    }

    private function culture(float $seed = 100.0, float $room = 1000.0): Culture
    {
        return new Culture(CultureKind::Snails, LocalDate::fromIso(self::BEGAN), $seed, $room);
    }

    private function week(int $number): LocalDate
    {
        return LocalDate::fromIso(self::BEGAN)->plusDays(7 * $number);
    }

    private function event(int $week, CultureEventKind $kind, float $number): CultureEvent
    {
        return new CultureEvent($this->week($week), $kind, $number);
    }
}
