<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Equipment\Equipment;
use Biomegas\Planning\Agenda\AgendaItem;
use Biomegas\Planning\Agenda\WeekRhythm;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

/** Regular work on its days of the week. 13 March 2027 is a Saturday. */
final class WeekRhythmTest extends TestCase
{
    /** @return iterable<string, array{list<int>, string|null, string, string|null}> */
    public static function changes(): iterable
    {
        yield 'nobody wants to be reminded' => [[], null, '2027-03-13', null];
        yield 'on its day' => [[6], '2027-03-06', '2027-03-13', '2027-03-13'];
        yield 'done on the day' => [[6], '2027-03-13', '2027-03-13', null];
        yield 'done the evening before' => [[6], '2027-03-12', '2027-03-13', null];
        yield 'done too long before' => [[6], '2027-03-10', '2027-03-13', '2027-03-13'];
        yield 'not kept: it waits' => [[6], '2027-03-06', '2027-03-16', '2027-03-13'];
        yield 'never done' => [[3], null, '2027-03-13', '2027-03-10'];
        yield 'the nearer of two days' => [[2, 5], '2027-03-09', '2027-03-13', '2027-03-12'];
        yield 'a Sunday, seen from Monday' => [[7], '2027-03-07', '2027-03-15', '2027-03-14'];
    }

    /** @param  list<int>  $days */
    #[DataProvider('changes')]
    public function test_a_change_waits_from_its_day_until_it_is_done(array $days, ?string $last, string $today, ?string $due): void
    {
        $found = (new WeekRhythm($days))->changeDue($last === null ? null : LocalDate::fromIso($last), LocalDate::fromIso($today));
        $this->assertSame($due, $found?->toIso());
    }

    public function test_the_share_of_a_week_is_parted_among_its_days(): void
    {
        $system = Example::tank('long', 200, 80)->with(new Equipment(weeklyChange: 0.5));
        $item = fn (array $days, string $today): ?AgendaItem => AgendaItem::ofWeeklyChange($system, LocalDate::fromIso('2027-03-01'), LocalDate::fromIso($today), new WeekRhythm($days));

        $this->assertSame([0.5, false], [$item([6], '2027-03-13')?->what?->figures['share']->share, $item([6], '2027-03-13')?->isLate]);
        $this->assertSame([0.25, true], [$item([2, 5], '2027-03-13')?->what?->figures['share']->share, $item([2, 5], '2027-03-13')?->isLate]);
        $this->assertNull(AgendaItem::ofWeeklyChange(Example::tank('long', 200, 80), null, LocalDate::fromIso('2027-03-13'), new WeekRhythm([6])), 'how much is not known');
    }

    public function test_fish_are_caught_on_measuring_days_unless_it_is_late(): void
    {
        $fish = Example::fish(Example::of(), 'long', []);
        $isAsked = fn (string $due, array $days): bool => AgendaItem::ofMeasurement($fish, LocalDate::fromIso($due), LocalDate::fromIso('2027-03-13'), new WeekRhythm([], $days)) !== null;

        $this->assertSame([true, true, false, true], [$isAsked('2027-03-12', []), $isAsked('2027-03-12', [6]), $isAsked('2027-03-12', [7]), $isAsked('2027-02-01', [7])]);
    }
}
