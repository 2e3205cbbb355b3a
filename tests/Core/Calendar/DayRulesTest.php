<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\PlannedDay;
use Biomegas\Calendar\UnreadableDate;
use Biomegas\Company\Act;
use Biomegas\Company\Harm;
use Biomegas\Company\Incident;
use Biomegas\Facility\Fish;
use Biomegas\Facility\HatchDay;
use Biomegas\Facility\LoggedDay;
use Biomegas\Facility\Stay;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Losses\CountKind;
use Biomegas\Losses\HeadCount;
use Biomegas\Losses\HeadCountEvent;
use Biomegas\Moving\Quarantine\TreatmentCourse;
use Biomegas\Water\Test\ReadingDay;
use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

/** Which days an entry can be of. Common practice, no published source. */
final class DayRulesTest extends TestCase
{
    /** @return iterable<string, array{Closure(): mixed, string, string}> what is refused, on which field, in which words */
    public static function refused(): iterable
    {
        $today = self::day('2027-03-13');
        $fish = self::fish(self::day('2026-01-10'), gone: self::day('2027-02-01'));
        yield 'a length after death' => [fn () => LoggedDay::check(self::day('2027-02-02'), $fish, $today), 'date', 'Gone since 1 February 2027'];
        yield 'an entry before arrival' => [fn () => LoggedDay::check(self::day('2026-01-09'), $fish, $today), 'date', 'arrived on 10 January 2026'];
        yield 'a treatment before arrival' => [fn () => TreatmentCourse::check($fish, self::day('2025-12-30'), self::day('2026-01-12'), null, $today), 'date', 'arrived on'];
        yield 'a treatment until 2202' => [fn () => TreatmentCourse::check($fish, self::day('2027-01-10'), self::day('2199-12-31'), null, $today), 'until', 'Check the year'];
        yield 'a treatment that works on for ever' => [fn () => TreatmentCourse::check($fish, self::day('2027-01-10'), self::day('2027-01-12'), self::day('2099-01-01'), $today), 'withdrawal', 'Check the year'];
        yield 'hatching tomorrow' => [fn () => HatchDay::check($fish, self::day('2027-03-14'), $today), 'hatched_on', 'still to come'];
        yield 'hatching after it came' => [fn () => HatchDay::check($fish, self::day('2026-02-01'), $today), 'hatched_on', 'had hatched by then'];
        yield 'older than any' => [fn () => HatchDay::check($fish, self::day('1900-01-01'), self::day('2060-01-01')), 'hatched_on', 'older than 150 years'];
        yield 'a reading before its system was there' => [fn () => ReadingDay::check('taken_at', self::day('2026-01-09'), self::day('2026-01-10')), 'taken_at', 'was not there before 10 January 2026'];
        yield 'planned for grandchildren' => [fn () => PlannedDay::check('until', self::day('2090-01-01'), $today), 'until', '30 years ahead'];
        yield 'planned for yesterday' => [fn () => PlannedDay::checkToCome('date', self::day('2027-03-12'), $today), 'date', 'has passed'];
    }

    #[DataProvider('refused')]
    public function test_is_refused_with_its_field(Closure $entry, string $field, string $words): void
    {
        try {
            $entry();
            $this->fail('It was taken.');
        } catch (InvalidEntry $refused) {
            $this->assertSame($field, $refused->field);
            $this->assertStringContainsString($words, Said::of($refused->finding()));
        }
    }

    public function test_two_fish_meet_only_where_both_lived_that_day(): void
    {
        [$moved, $stayed] = [
            self::fish(self::day('2026-01-10'), stays: [new Stay('tank', self::day('2026-01-10'), self::day('2026-06-01')), new Stay('pond', self::day('2026-06-01'))]),
            self::fish(self::day('2026-01-10'), key: 'other', stays: [new Stay('tank', self::day('2026-01-10'))]),
        ];
        $record = fn (string $day): Incident => Incident::record($moved, $stayed, Act::cases()[0], Harm::cases()[0], self::day($day), self::day('2027-03-13'));

        $this->assertSame('2026-05-31', $record('2026-05-31')->date->toIso());
        $this->assertSame('2026-06-01', $record('2026-06-01')->date->toIso(), 'on the day of the move it was in both');
        $this->assertStringContainsString('did not live in one home on 2 June 2026', Said::refusing(fn () => $record('2026-06-02')));
    }

    public function test_the_calendar_ends_where_it_says(): void
    {
        foreach ([LocalDate::EARLIEST => -1, LocalDate::LATEST => 1] as $last => $further) {
            $this->assertSame($last, self::day($last)->toIso());
            try {
                self::day(self::day($last)->plusDays($further)->toIso());
                $this->fail('A day beyond the calendar was read.');
            } catch (UnreadableDate $refused) {
                $this->assertStringContainsString('is not a day of the calendar', Said::of($refused->finding()));
            }
        }
    }

    public function test_it_is_gone_since_the_last_of_it_was(): void
    {
        $loss = fn (string $day, int $count): HeadCountEvent => HeadCountEvent::loss(self::day($day), $count);

        $this->assertNull(HeadCount::goneOn(3, [$loss('2026-02-01', 2)]));
        $this->assertSame('2026-04-01', HeadCount::goneOn(3, [$loss('2026-04-01', 1), $loss('2026-02-01', 2)])?->toIso());
        $this->assertSame('2026-05-01', HeadCount::goneOn(3, [HeadCountEvent::count(self::day('2026-05-01'), CountKind::AllCaught, 0)])?->toIso());
    }

    private static function day(string $iso): LocalDate
    {
        return LocalDate::fromIso($iso);
    }

    /** @param  non-empty-list<Stay>|null  $stays */
    private static function fish(LocalDate $arrived, ?LocalDate $gone = null, string $key = 'one', ?array $stays = null): Fish
    {
        return new Fish(key: $key, name: ucfirst($key), species: Example::ofPond(), arrived: $arrived, stays: $stays ?? [new Stay('tank', $arrived)], gone: $gone);
    }
}
