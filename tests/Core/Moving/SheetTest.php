<?php

declare(strict_types=1);

namespace Tests\Core\Moving;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Background;
use Biomegas\Facility\Habits;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Moving\Mixing\Hardiness;
use Biomegas\Moving\Mixing\WaterSample;
use Biomegas\Moving\Quarantine\HealthObservation;
use Biomegas\Moving\Quarantine\QuarantineState;
use Biomegas\Moving\Sheet\AddingOrder;
use Biomegas\Moving\Sheet\MoveCase;
use Biomegas\Moving\Sheet\MoveSheet;
use Biomegas\Moving\Sheet\MovingOccupant;
use Biomegas\Moving\Sheet\Objection;
use Biomegas\Moving\Sheet\ObjectionKind;
use Biomegas\Moving\Sheet\SheetStep;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

final class SheetTest extends TestCase
{
    private const TODAY = '2027-03-13';

    public function test_alike_waters_and_a_roomy_home_give_a_clear_run(): void
    {
        $sheet = MoveSheet::of($this->case([$this->mover(Example::of(), 200)]));
        $keys = array_map(fn (SheetStep $step): string => $step->key, $sheet->steps);

        $this->assertSame([], $sheet->objections);
        $this->assertFalse($sheet->isBlocked());
        $this->assertSame(['at-hand', 'water-ready', 'decor-out', 'catch', 'into-tub', 'carry', 'lights-off', 'release', 'bacteria', 'lid', 'refill', 'feed'], $keys);
        $this->assertSame(array_unique($keys), $keys, 'each is checked off by its key');
        foreach ($sheet->steps as $step) {
            $this->assertNotSame('', Said::of($step->why));
        }
    }

    public function test_different_waters_bring_portions_with_a_clock(): void
    {
        $sheet = MoveSheet::of($this->case([$this->mover(Example::of(), 200)], to: new WaterSample(27, 7.4, 4, 13)));
        $mixing = array_values(array_filter($sheet->steps, fn (SheetStep $step): bool => str_starts_with($step->key, 'mix-')));

        $this->assertNotSame([], $mixing);
        $this->assertEqualsWithDelta($sheet->match->schedule->minutes, array_sum(array_map(fn (SheetStep $step): float => (float) $step->minutes, $mixing)), 1e-6);
        $this->assertStringContainsString('goes from', Said::of($mixing[0]->why));
    }

    public function test_large_fish_go_in_a_sling_and_rays_head_first(): void
    {
        $words = fn (MovingOccupant $occupant): string => implode(' ', array_map(fn (SheetStep $step): string => Said::of([$step->what, ...$step->why]), MoveSheet::of($this->case([$occupant]))->steps));

        $this->assertStringContainsString('two nets', $words($this->mover(Example::of(), 200)));
        $this->assertStringContainsString('sling', $words($this->mover(Example::of(), 420)));
        $this->assertStringContainsString('Never lift it by the tail', $words($this->mover(Example::of(lengthKind: LengthKind::Disc), 300)));
        $this->assertStringContainsString('Two people carry', $words($this->mover(Example::of(), 400, mass: 6000)));
        $spiny = MoveSheet::of($this->case([new MovingOccupant(new Occupant('Thorn', Example::of(), 200.0, 1, 1.0, 'thorn'), 120, Hardiness::Usual, ['Its spines sting.'])]));
        $this->assertContains('Thick gloves and a tool to free a caught spine', array_map(Said::of(...), $spiny->atHand));
    }

    public function test_a_home_that_is_not_ready_blocks(): void
    {
        $this->assertBlocks(ObjectionKind::NotReady, 'not ready before 1 April 2027', $this->case([$this->mover(Example::of(), 200)], readyOn: LocalDate::fromIso('2027-04-01')));
    }

    public function test_water_that_is_too_different_blocks_and_says_what_first(): void
    {
        $this->assertBlocks(ObjectionKind::Water, 'bring the waters nearer', $this->case([$this->mover(Example::of(), 200, hardiness: Hardiness::Sensitive)], to: new WaterSample(15, 8.2, 12, 30)));
        $this->assertBlocks(ObjectionKind::Water, 'nitrite', $this->case([$this->mover(Example::of(), 200)], to: new WaterSample(25, 7, 4, 10, nitrite: 1.0)));
    }

    public function test_rays_and_the_disease_prone_bear_least(): void
    {
        $this->assertSame(Hardiness::Usual, Hardiness::of(Example::of(), null));
        $this->assertSame(Hardiness::Usual, Hardiness::of(Example::of(), new Background));
        $this->assertSame(Hardiness::Sensitive, Hardiness::of(Example::of(), new Background(isDiseaseProne: true)));
        $this->assertSame(Hardiness::Sensitive, Hardiness::of(Example::of(lengthKind: LengthKind::Disc), null));
    }

    public function test_what_does_not_fit_blocks_with_the_nearest_change(): void
    {
        $this->assertBlocks(ObjectionKind::Housing, 'Grown, it needs a home of', $this->case([$this->mover(Example::of(), 600)], home: Example::tank('small', 100, 40)));
        $this->assertBlocks(ObjectionKind::Housing, 'alone', $this->case([$this->mover(Example::of(needs: new HousingNeeds(isSpeciesOnly: true)), 200)], residents: [new Occupant('Moss', Example::of(key: 'other'), 200.0, 1, 1.0, 'moss')]));
    }

    public function test_mouths_block_both_ways(): void
    {
        $small = new Occupant('Minnow', Example::of(key: 'small'), 60.0, 1, 1.0, 'minnow');
        $big = Example::of(habits: new Habits(mouthRatio: 0.45), key: 'big');

        $this->assertBlocks(ObjectionKind::Swallowing, 'can swallow Minnow', $this->case([$this->mover($big, 300)], residents: [$small]));
        $this->assertBlocks(ObjectionKind::Swallowing, 'can swallow One', $this->case([$this->mover(Example::of(), 60)], residents: [new Occupant('Giant', $big, 300.0, 1, 1.0, 'giant')]));
        $this->assertBlocks(ObjectionKind::Swallowing, 'no size of One is safe', $this->case([$this->mover(Example::of(), 300)], residents: [new Occupant('Biter', Example::of(habits: new Habits(bitesPieces: true)), 100.0, 1, 1.0, 'biter')]));
    }

    /** Common practice, no published source: a 7.6 cm newcomer among small-mouthed residents up to 30 cm is ignored, not eaten. */
    public function test_a_small_newcomer_among_small_mouths_is_not_eaten(): void
    {
        $resident = new Occupant('Acara', Example::of(habits: new Habits(mouthRatio: 0.24)), 300.0, 1, 1.0, 'acara');
        $kinds = array_map(fn (Objection $objection): ObjectionKind => $objection->kind, MoveSheet::of($this->case([$this->mover(Example::of(), 76)], residents: [$resident]))->objections);

        $this->assertNotContains(ObjectionKind::Swallowing, $kinds);
    }

    public function test_quarantine_blocks_and_a_missing_fallback_warns(): void
    {
        $state = QuarantineState::of(LocalDate::fromIso('2027-03-01'), 28, 0, [], LocalDate::fromIso(self::TODAY));
        $this->assertBlocks(ObjectionKind::Quarantine, 'its time is up on 29 March 2027', $this->case([$this->mover(Example::of(), 200, quarantine: $state)]), true);
        $sheet = MoveSheet::of($this->case([$this->mover(Example::of(), 200, wantsFallback: true)]));
        $this->assertFalse($sheet->isBlocked());
        $this->assertSame(ObjectionKind::Fallback, $sheet->objections[0]->kind);
    }

    public function test_how_many_at_once_follows_the_school(): void
    {
        $order = fn (Species $kind, int $count, array $answers = []): string => Said::of(AddingOrder::of($this->case([$this->mover($kind, 100, count: $count)], rulebook: new Rulebook($answers)))[0]);

        $this->assertNotContains('order', array_map(fn (SheetStep $step): string => $step->key, MoveSheet::of($this->case([$this->mover(Example::of(), 100)]))->steps));
        $this->assertSame('All six at once', $order(Example::of(needs: new HousingNeeds(minimumGroup: 5)), 6));
        $this->assertSame('Two to four a day', $order(Example::of(), 3));
        $this->assertSame('One a day, the calmest first', $order(Example::of(habits: new Habits(temperament: 5)), 2));
        $this->assertSame('All eight at once', $order(Example::of(habits: new Habits(temperament: 5)), 8));
        $this->assertSame('One at a time, a day apart', $order(Example::of(), 3, ['adding' => 'one-at-a-time']));
        $this->assertSame('Two or more at once, the rest tomorrow', $order(Example::of(), 3, ['adding' => 'pairs-or-more']));
    }

    public function test_quarantine_ends_after_clean_days(): void
    {
        $day = LocalDate::fromIso(...);
        $looks = [new HealthObservation($day('2027-03-20'), true, 'spots'), new HealthObservation($day('2027-03-28'), true, null)];
        $ends = fn (array $looks, ?string $dosed): string => QuarantineState::of($day('2027-03-01'), 28, 0, $looks, $day('2027-03-28'), clean: 14, dosed: $dosed === null ? null : $day($dosed))->ends->toIso();

        $this->assertSame('2027-03-29', $ends([], null), 'the days of the method');
        $this->assertSame('2027-04-03', $ends($looks, null), 'a fortnight after the last sign');
        $this->assertSame('2027-04-08', $ends($looks, '2027-03-25'), 'a fortnight after the last dose');
    }

    public function test_quarantine_wants_time_food_and_no_sign(): void
    {
        $today = LocalDate::fromIso(self::TODAY);
        $look = fn (int $daysAgo, bool $eats, ?string $sign = null): HealthObservation => new HealthObservation($today->plusDays(-$daysAgo), $eats, $sign);
        $state = fn (int $since, array $looks, int $credit = 0, ?int $withdrawal = null): QuarantineState => QuarantineState::of($today->plusDays(-$since), 28, $credit, $looks, $today, $withdrawal === null ? null : $today->plusDays($withdrawal));

        $this->assertTrue($state(28, [$look(1, true)])->mayLeave());
        $this->assertTrue($state(14, [$look(1, true)], credit: 14)->mayLeave(), 'weeks served at the seller count');
        $this->assertFalse($state(27, [$look(1, true)])->mayLeave());
        $this->assertStringContainsString('does not eat', Said::of($state(30, [$look(1, false)])->finding()));
        $this->assertStringContainsString('white spots', Said::of($state(30, [$look(5, true, 'white spots'), $look(1, true)])->finding()));
        $this->assertTrue($state(40, [$look(9, true, 'white spots'), $look(1, true)])->mayLeave(), 'a week without a sign');
        $this->assertStringContainsString('Nobody has looked', Said::of($state(30, [$look(10, true)])->finding()));
        $this->assertFalse($state(40, [$look(1, true)], withdrawal: 3)->mayLeave(), 'a treatment works on');
        $this->assertTrue($state(3, [])->isDue());
        $this->assertTrue($state(3, [$look(1, true)])->isDue(), 'one look a day');
        $this->assertFalse($state(3, [$look(0, true)])->isDue());
        $this->assertTrue($state(28, [$look(0, true)])->isDue(), 'it may go');
    }

    public function test_a_pond_has_no_lights_and_no_lid(): void
    {
        $keys = fn (?System $home): array => array_map(fn (SheetStep $step): string => $step->key, MoveSheet::of($this->case([$this->mover(Example::of(), 200)], home: $home))->steps);

        $this->assertSame([], array_intersect(['lights-off', 'lid'], $keys(Example::pond('pond'))));
        $this->assertSame(['lights-off', 'lid'], array_values(array_intersect($keys(null), ['lights-off', 'lid'])));
    }

    public function test_a_ray_is_guided_not_poured(): void
    {
        $into = fn (LengthKind $kind): string => array_values(array_filter(MoveSheet::of($this->case([$this->mover(Example::of(lengthKind: $kind), 200)]))->steps, fn (SheetStep $step): bool => $step->key === 'into-tub'))[0]->what->code;

        $this->assertSame('moving.step.guide_into_tub', $into(LengthKind::Disc));
        $this->assertSame('moving.step.pour_into_tub', $into(LengthKind::Total));
    }

    public function test_several_shoals_go_a_shoal_at_a_time(): void
    {
        $shoal = $this->mover(Example::of(needs: new HousingNeeds(minimumGroup: 6)), 40, 50);
        $order = fn (MovingOccupant ...$movers): string => Said::of(AddingOrder::of($this->case($movers))[0]);

        $this->assertSame('All of a shoal at once, one shoal after the other', $order($shoal, $shoal));
        $this->assertSame('All 50 at once', $order($shoal));
        $this->assertSame('Two to four a day', $order($shoal, $this->mover(Example::of(), 200)));
    }

    private function assertBlocks(ObjectionKind $kind, string $words, MoveCase $case, bool $ignoreCase = false): void
    {
        $sheet = MoveSheet::of($case);
        $found = array_values(array_filter($sheet->objections, fn (Objection $objection): bool => $objection->kind === $kind && $objection->isBlock));

        $this->assertTrue($sheet->isBlocked());
        $this->assertNotSame([], $found, 'nothing speaks against it');
        $sentences = implode(' ', array_map(fn (Objection $objection): string => Said::of($objection->finding), $found));
        $ignoreCase ? $this->assertStringContainsStringIgnoringCase($words, $sentences) : $this->assertStringContainsString($words, $sentences);
    }

    private function mover(Species $kind, float $length, int $count = 1, float $mass = 150, Hardiness $hardiness = Hardiness::Usual, ?QuarantineState $quarantine = null, bool $wantsFallback = false): MovingOccupant
    {
        return new MovingOccupant(new Occupant('One', $kind, $length, $count, 1.0, 'one'), $mass, $hardiness, [], $quarantine, $wantsFallback);
    }

    /**
     * @param  non-empty-list<MovingOccupant>  $movers
     * @param  list<Occupant>  $residents
     */
    private function case(array $movers, ?WaterSample $to = null, array $residents = [], ?System $home = null, ?LocalDate $readyOn = null, Rulebook $rulebook = new Rulebook): MoveCase
    {
        $water = new WaterSample(25, 7.0, 4, 10);

        return new MoveCase(
            $movers, Example::tank('from', 150, 60, 60, 25), $home ?? Example::tank('to', 400, 150, 80, 25), $water, $to ?? $water, $residents,
            LocalDate::fromIso(self::TODAY), $rulebook, readyOn: $readyOn,
        );
    }
}
