<?php

declare(strict_types=1);

namespace App\Facility;

use App\Http\Resources\Moves;
use App\Http\Resources\MoveSheetRow;
use App\Models\FacilitySettings;
use App\Models\MoveSheet;
use App\Models\Preparation;
use App\Models\Quarantine;
use App\Repair\StoredTable;
use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Moving\Watch\RoundState;
use DateTimeImmutable;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;

/** What is to come, as an iCalendar feed (RFC 5545): moves, preparation steps, watch rounds, quarantine ends, measurements. */
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
        $feed->preparations();
        $feed->rounds();
        $feed->quarantines();
        $feed->measurements();

        return $feed->calendar->serialize();
    }

    private function moves(): void
    {
        $open = MoveSheet::query()->with('fish')->whereNull('finished_at')->whereNull('cancelled_at')->orderBy('planned_on')->limit(self::MOST)->get();
        $this->kept->unreadable->readAll(StoredTable::MoveSheets, $open, function (MoveSheet $sheet): void {
            $row = MoveSheetRow::from($this->kept, $sheet);
            $this->day("move-{$sheet->id}", LocalDate::fromIso($sheet->planned_on), null, Finding::of('calendar.feed.move', fish: $row->fish, to: $row->to), Finding::of('calendar.feed.from', from: $row->from));
        });
    }

    private function preparations(): void
    {
        $this->kept->unreadable->readAll(StoredTable::Preparations, Preparation::query()->limit(self::MOST)->get(), function (Preparation $written): void {
            $system = $this->kept->system($written->system_id);
            $readying = Preparations::of($this->kept, $system, $written);
            foreach ($readying->preparation->steps as $step) {
                if ($step->done === null) {
                    $this->day("preparation-{$written->id}-{$step->step->value}", $step->begin, $step->end, Finding::of('calendar.feed.step', system: $system->name, step: $readying->what($step->step)), $readying->why($step->step));
                }
            }
        });
    }

    private function rounds(): void
    {
        foreach (Moves::watches($this->kept) as $watch) {
            foreach ($watch->rounds as $round) {
                if ($round->state === RoundState::ToCome || $round->state === RoundState::Due) {
                    $start = new DateTimeImmutable($round->at, new DateTimeZone($this->settings->time_zone));
                    $this->calendar->add('VEVENT', [
                        'UID' => $this->uid("watch-{$watch->id}-{$round->at}"), 'DTSTAMP' => $this->stamp(), 'SUMMARY' => $this->kept->says()->say(Finding::of('calendar.feed.look', fish: $watch->name, home: $watch->home)), 'DESCRIPTION' => ucfirst($round->why).'.',
                        'DTSTART' => $start->setTimezone(new DateTimeZone('UTC')), 'DTEND' => $start->setTimezone(new DateTimeZone('UTC'))->modify('+'.self::ROUND_MINUTES.' minutes'),
                    ]);
                }
            }
        }
    }

    private function quarantines(): void
    {
        $this->kept->unreadable->readAll(StoredTable::Quarantines, Quarantine::query()->whereNull('released_on')->limit(self::MOST)->get(), function (Quarantine $open): void {
            $fish = $this->kept->find($open->fish_id);
            if ($fish !== null) {
                $this->day("quarantine-{$open->id}", MovingBook::stateOf($this->kept, $open)->ends, null, Finding::of('calendar.feed.quarantine', fish: $fish->name), Finding::of('calendar.feed.quarantine_why'));
            }
        });
    }

    private function measurements(): void
    {
        foreach (array_slice($this->kept->facility->fish, 0, self::MOST) as $fish) {
            $this->day("measure-{$fish->key}", $this->kept->brief($fish)->measureOn, null, Finding::of('calendar.feed.measure', fish: $fish->name), Finding::of('calendar.feed.lives_in', home: $this->kept->facility->systems[$fish->currentSystem()]->name));
        }
    }

    /** A whole day, or from one to another. */
    private function day(string $name, LocalDate $from, ?LocalDate $until, Finding $summary, Finding $description): void
    {
        $event = $this->calendar->createComponent('VEVENT', ['UID' => $this->uid($name), 'DTSTAMP' => $this->stamp(), 'SUMMARY' => $this->kept->says()->say($summary), 'DESCRIPTION' => $this->kept->says()->say($description), 'TRANSP' => 'TRANSPARENT']);
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
