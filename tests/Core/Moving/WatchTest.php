<?php

declare(strict_types=1);

namespace Tests\Core\Moving;

use Biomegas\Calendar\LocalMoment;
use Biomegas\Facility\Equipment\LightSchedule;
use Biomegas\Facility\Habits;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\Species;
use Biomegas\Moving\Watch\Check;
use Biomegas\Moving\Watch\CheckItem;
use Biomegas\Moving\Watch\Intervention;
use Biomegas\Moving\Watch\Ladder;
use Biomegas\Moving\Watch\Outcome;
use Biomegas\Moving\Watch\Round;
use Biomegas\Moving\Watch\Rounds;
use Biomegas\Moving\Watch\RoundState;
use Biomegas\Moving\Watch\Settling;
use Biomegas\Moving\Watch\Success;
use Biomegas\Moving\Watch\TriedIntervention;
use Biomegas\Moving\Watch\WatchCase;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

/** Rounds, settling and the ladder: common practice, no published source. */
final class WatchTest extends TestCase
{
    public function test_looks_are_close_the_first_day_and_never_at_night(): void
    {
        $times = $this->times(new WatchCase('Moss', $this->at('2027-03-13T09:00'), LightSchedule::of('09:30', null, '21:00', false)));

        $this->assertSame(['03-13T09:15', '03-13T11:30', '03-13T14:00', '03-13T16:30', '03-13T19:00', '03-13T21:30', '03-14T07:00', '03-14T09:45', '03-14T13:00', '03-14T19:00', '03-15T19:00', '03-16T19:00'], $times);
    }

    public function test_a_late_move_is_looked_at_once_and_then_in_the_morning(): void
    {
        $this->assertSame(['03-13T22:15', '03-14T07:00'], array_slice($this->times(new WatchCase('Moss', $this->at('2027-03-13T22:00'))), 0, 2));
    }

    public function test_rays_and_returned_bosses_are_watched_longer(): void
    {
        $last = fn (WatchCase $case): string => substr((string) array_key_last(array_flip($this->times($case))), 0, 5);
        $began = $this->at('2027-03-01T12:00');

        $this->assertSame('03-04', $last(new WatchCase('Moss', $began)));
        $this->assertSame('03-08', $last(new WatchCase('Moss', $began, isDangerous: true)));
        $this->assertSame('03-15', $last(new WatchCase('Tansy', $began, isRay: true)));
    }

    public function test_who_is_watched_longer_follows_from_kind_return_and_company(): void
    {
        $days = fn (?Species $kind, bool $isReturn = false, Species ...$company): int => WatchCase::of('Moss', $this->at('2027-03-01T12:00'), null, $kind, $isReturn, array_values($company))->days();
        $calm = Example::of(habits: new Habits(temperament: 3));

        $this->assertSame(Rounds::USUAL_DAYS, $days($calm, false, $calm));
        $this->assertSame(Rounds::USUAL_DAYS, $days(null));
        $this->assertSame(Rounds::DANGEROUS_DAYS, $days($calm, true));
        $this->assertSame(Rounds::DANGEROUS_DAYS, $days($calm, false, $calm, Example::of(habits: new Habits(temperament: 4))));
        $this->assertSame(Rounds::RAY_DAYS, $days(Example::of(lengthKind: LengthKind::Disc), true));
    }

    public function test_missed_looks_stay_visible(): void
    {
        $case = new WatchCase('Moss', $this->at('2027-03-13T09:00'));
        $states = Rounds::states(Rounds::of($case), [$this->good('2027-03-13T09:20'), $this->good('2027-03-13T14:30')], $this->at('2027-03-13T16:40'));

        $this->assertSame([RoundState::Done, RoundState::Missed, RoundState::Done, RoundState::Due, RoundState::ToCome], array_slice(array_column($states, 1), 0, 5));
    }

    public function test_never_settled_before_the_second_morning(): void
    {
        $case = new WatchCase('Moss', $this->at('2027-03-13T09:00'));
        $looks = [$this->good('2027-03-13T12:00', true), $this->good('2027-03-14T08:00'), $this->good('2027-03-14T13:00')];

        $this->assertSame(Outcome::Watch, Settling::of($case, $looks, $this->at('2027-03-14T20:00'))->outcome);
        $this->assertStringContainsString('not before 15 March 2027, the second morning', Said::of(Settling::of($case, $looks, $this->at('2027-03-14T20:00'))->finding));
        $this->assertSame(Outcome::Settled, Settling::of($case, $looks, $this->at('2027-03-15T08:00'))->outcome);
        $this->assertSame(Outcome::Watch, Settling::of(new WatchCase('Moss', $case->began, isDangerous: true), $looks, $this->at('2027-03-15T08:00'))->outcome);
        $this->assertSame(Outcome::Watch, Settling::of(new WatchCase('Moss', $case->began, isRay: true), $looks, $this->at('2027-03-24T08:00'))->outcome);
    }

    public function test_it_must_have_eaten_and_be_well_three_times_running(): void
    {
        $case = new WatchCase('Moss', $this->at('2027-03-13T09:00'));
        $later = $this->at('2027-03-16T20:00');
        $hungry = [$this->good('2027-03-15T08:00'), $this->good('2027-03-15T13:00'), $this->good('2027-03-16T08:00')];

        $this->assertSame('Not settled yet: it has not been seen eating.', Said::of(Settling::of($case, $hungry, $later)->finding));
        $this->assertSame('Not settled yet: it wants three good looks running.', Said::of(Settling::of($case, [$this->good('2027-03-16T08:00', true)], $later)->finding));
        $chased = [$this->good('2027-03-15T08:00', true), new Check($this->at('2027-03-15T13:00'), [], false, 'Thistle'), $this->good('2027-03-16T08:00')];
        $this->assertSame('Not settled yet: Thistle chased it on 15 March 2027, 13:00.', Said::of(Settling::of($case, $chased, $later)->finding));
        $torn = [$this->good('2027-03-15T08:00', true), $this->good('2027-03-15T13:00'), new Check($this->at('2027-03-16T08:00'), [CheckItem::Fins], false)];
        $this->assertSame('Not settled yet: it has torn fins.', Said::of(Settling::of($case, $torn, $later)->finding));
        $fasting = [$this->good('2027-03-15T08:00', true), $this->good('2027-03-15T13:00'), new Check($this->at('2027-03-16T08:00'), [CheckItem::Eating], false)];
        $this->assertSame(Outcome::Settled, Settling::of($case, $fasting, $later)->outcome, 'not eating at one look is usual');
    }

    public function test_grave_signs_take_it_out_at_once(): void
    {
        foreach ([CheckItem::Eyes, CheckItem::Scales, CheckItem::Surface, CheckItem::Disc] as $sign) {
            $settling = Settling::of(new WatchCase('Moss', $this->at('2027-03-13T09:00')), [new Check($this->at('2027-03-13T10:00'), [$sign], true)], $this->at('2027-03-13T10:05'));
            $this->assertSame(Outcome::TakeOut, $settling->outcome);
            $this->assertStringStartsWith('Take Moss out now: it ', Said::of($settling->finding));
        }
    }

    public function test_the_ladder_goes_up_one_step_at_a_time(): void
    {
        $chased = [new Check($this->at('2027-03-13T10:00'), [], false, 'Thistle')];
        $tried = [];
        $order = [];
        foreach (Intervention::cases() as $ignored) {
            $next = Ladder::next($chased, $tried, new Rulebook);
            $order[] = $next;
            $tried[] = new TriedIntervention($next ?? Intervention::LightsOff, Success::No);
        }

        $this->assertSame(Intervention::cases(), $order);
        $this->assertSame(Intervention::TakeOutVictim, Ladder::next($chased, $tried, new Rulebook), 'at the end it comes out');
        $this->assertNull(Ladder::next([$this->good('2027-03-13T10:00')], [], new Rulebook), 'nobody chases it');
        $tried = array_map(fn (Intervention $intervention): TriedIntervention => new TriedIntervention($intervention), [Intervention::LightsOff, Intervention::Distract, Intervention::MoveDecor, Intervention::RefugeNet]);
        $this->assertSame(Intervention::TakeOutVictim, Ladder::next($chased, $tried, new Rulebook(['thrown_out' => 'rehome-at-once'])), 'no divider where it is rehomed at once');
    }

    public function test_moments_run_over_midnight(): void
    {
        $late = $this->at('2027-03-13T23:50');

        $this->assertSame('2027-03-14T00:20', $late->plusMinutes(30)->toIso());
        $this->assertSame(30, $late->minutesUntil($late->plusMinutes(30)));
        $this->assertSame('2027-03-12T23:50', $late->plusMinutes(-1440)->toIso());
        $this->assertTrue($late->plusMinutes(1)->isAfter($late));
    }

    /** @return list<string> */
    private function times(WatchCase $case): array
    {
        return array_map(fn (Round $round): string => substr($round->at->toIso(), 5), Rounds::of($case));
    }

    private function good(string $at, bool $hasEaten = false): Check
    {
        return new Check($this->at($at), [], $hasEaten);
    }

    private function at(string $iso): LocalMoment
    {
        return LocalMoment::fromIso($iso);
    }
}
