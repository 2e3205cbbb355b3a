<?php

declare(strict_types=1);

namespace App\Facility;

use App\Feeding\CultureBook;
use App\Feeding\FoodBook;
use App\Models\FacilitySettings;
use App\Models\MoveSheet;
use App\Models\Plan;
use App\Models\Preparation;
use App\Models\Quarantine;
use App\Models\Watch;
use App\Repair\StoredTable;
use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Moving\Watch\Round;
use Biomegas\Moving\Watch\RoundState;
use DateTimeImmutable;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;

/** What is to come, as an iCalendar feed (RFC 5545): moves, preparation steps, watch rounds, quarantine ends, measurements, food to buy. */
final readonly class CalendarFeed
{
    private const MOST = 300;

    private const ROUND_MINUTES = 15;

    private VCalendar $calendar;

    private function __construct(private FacilitySnapshot $kept, private FacilitySettings $settings)
    {
        $this->calendar = new VCalendar(['PRODID' => '-//Biomegas//Biomegas//EN', 'X-WR-CALNAME' => $settings->name]);
    }

    public static function of(FacilitySnapshot $kept, FacilitySettings $settings): string
    {
        $feed = new self($kept, $settings);
        $feed->moves();
        $feed->plan();
        $feed->preparations();
        $feed->rounds();
        $feed->quarantines();
        $feed->measurements();
        $feed->food();

        return $feed->calendar->serialize();
    }

    private function moves(): void
    {
        $this->kept->unreadable->readAll(StoredTable::MoveSheets, MovesUnderWay::open(self::MOST), function (MoveSheet $sheet): void {
            [$from, $to] = [$this->kept->system($sheet->from_system_id)->name, $this->kept->system($sheet->to_system_id)->name];
            $this->day("move-{$sheet->id}", LocalDate::fromIso($sheet->planned_on), null, Finding::of('calendar.feed.move', fish: MovingBook::namesOf($this->kept, $sheet), to: $to), Finding::of('calendar.feed.from', from: $from));
        });
    }

    /** Of the plan that is followed: its moves without a sheet, and what comes before them. */
    private function plan(): void
    {
        $adopted = Plan::adopted();
        $book = new PlanBook($this->kept);
        foreach ($adopted === null ? [] : $book->read($adopted)->moves as $i => $move) {
            if ($this->kept->settledSheets($move->fish) === []) {
                $this->day("plan-{$move->fish->key}-{$move->to->key}", $move->on, null, Finding::of('calendar.feed.move', fish: [$move->fish->name], to: $move->to->name), Finding::of('calendar.feed.from', from: $move->from->name));
            }
            foreach ($move->prepare as $n => [$step, $by]) {
                $this->day("plan-{$move->fish->key}-{$move->to->key}-{$i}-{$n}", $by, null, Finding::of('calendar.feed.step', system: $move->to->name, step: $step), null);
            }
        }
    }

    private function preparations(): void
    {
        $this->kept->unreadable->readAll(StoredTable::Preparations, Preparation::query()->limit(self::MOST)->get(), function (Preparation $written): void {
            $system = $this->kept->system($written->system_id);
            $readying = Preparations::of($this->kept, $system, $written);
            foreach ($readying->preparation->steps as $step) {
                if ($step->done === null) {
                    $this->day("preparation-{$written->id}-{$step->key}", $step->begin, $step->end, Finding::of('calendar.feed.step', system: $system->name, step: $step->what), $step->why);
                }
            }
        });
    }

    private function rounds(): void
    {
        $together = [];
        $this->kept->unreadable->readAll(StoredTable::Watches, Watches::going($this->kept), function (Watch $watch) use (&$together): void {
            foreach (Watches::stateOf($this->kept, $watch)->rounds as [$round, $state]) {
                if ($state === RoundState::ToCome || $state === RoundState::Due) {
                    $together[Watches::additionOf($watch).'@'.$round->at->toIso()][] = [$watch, $round];
                }
            }
        });
        foreach ($together as $looks) {
            $this->round($looks[0][0], $looks[0][1], array_map(fn (array $look): string => $this->kept->fish($look[0]->fish_id)->name, $looks));
        }
    }

    /** @param  list<string>  $names  of all that were added in one go */
    private function round(Watch $watch, Round $round, array $names): void
    {
        $at = $round->at->toIso();
        $start = (new DateTimeImmutable($at, new DateTimeZone($this->settings->time_zone)))->setTimezone(new DateTimeZone('UTC'));
        $says = $this->kept->saysInFull();
        $this->calendar->add('VEVENT', [
            'UID' => $this->uid("watch-{$watch->id}-{$at}"), 'DTSTAMP' => $this->stamp(),
            'SUMMARY' => $says->say(Finding::of('calendar.feed.look', fish: $names, home: $this->kept->system($watch->system_id)->name)),
            'DESCRIPTION' => ucfirst($says->phrase($round->why)).'.',
            'DTSTART' => $start, 'DTEND' => $start->modify('+'.self::ROUND_MINUTES.' minutes'),
        ]);
    }

    /** What to buy, and which cultures to begin another tank of. */
    private function food(): void
    {
        $book = new FoodBook($this->kept);
        foreach ($book->shoppingList() as $purchase) {
            $this->day("buy-{$purchase->food->key}", $purchase->by, null, Finding::of('food.calendar_buy', food: $purchase->food->name), $purchase->finding($this->kept->facility->date));
        }
        foreach ((new CultureBook($this->kept, $book))->all() as [$culture, $outlook]) {
            if ($outlook->begin !== null && $outlook->shortFrom !== null) {
                $this->day("culture-{$culture->id}", $outlook->begin, null, Finding::of('food.calendar_culture', culture: $culture->name), Finding::of('food.calendar_culture_why', from: $outlook->shortFrom));
            }
        }
    }

    private function quarantines(): void
    {
        $this->kept->unreadable->readAll(StoredTable::Quarantines, MovesUnderWay::quarantines(self::MOST), function (Quarantine $open): void {
            $fish = $this->kept->find($open->fish_id);
            if ($fish !== null) {
                $this->day("quarantine-{$open->id}", MovingBook::stateOf($this->kept, $open)->ends, null, Finding::of('calendar.feed.quarantine', fish: $fish->name), Finding::of('calendar.feed.quarantine_why'));
            }
        });
    }

    private function measurements(): void
    {
        foreach (array_slice($this->kept->facility->fish, 0, self::MOST) as $fish) {
            $due = $this->kept->brief($fish)->measureOn;
            if ($due === null) {
                continue;
            }
            $this->day("measure-{$fish->key}", $due, null, Finding::of('calendar.feed.measure', fish: $fish->name), Finding::of('calendar.feed.lives_in', home: $this->kept->facility->systems[$fish->currentSystem()]->name));
        }
    }

    /** A whole day, or from one to another. */
    private function day(string $name, LocalDate $from, ?LocalDate $until, Finding $summary, ?Finding $description): void
    {
        $says = $this->kept->saysInFull();
        $event = $this->calendar->createComponent('VEVENT', ['UID' => $this->uid($name), 'DTSTAMP' => $this->stamp(), 'SUMMARY' => $says->say($summary), ...($description === null ? [] : ['DESCRIPTION' => $says->say($description)]), 'TRANSP' => 'TRANSPARENT']);
        // The end of a day is the next one.
        foreach (['DTSTART' => $from, 'DTEND' => ($until ?? $from)->plusDays(1)] as $property => $date) {
            $event->add($property, str_replace('-', '', $date->toIso()), ['VALUE' => 'DATE']);
        }
        $this->calendar->add($event);
    }

    private function uid(string $name): string
    {
        return "{$name}@biomegas-{$this->settings->id}";
    }

    private function stamp(): DateTimeImmutable
    {
        return now('UTC')->toDateTimeImmutable();
    }
}
