<?php

declare(strict_types=1);

namespace Tests\Api;

use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

final class CalendarTest extends ApiTestCase
{
    /** Parsed back by sabre/vobject and held against what RFC 5545 requires: PRODID, VERSION; UID, DTSTAMP and DTSTART of each event. */
    public function test_the_feed_is_a_valid_calendar_of_what_is_to_come(): void
    {
        $calendar = $this->feed();

        $this->assertSame([], array_filter($calendar->validate(), fn (array $finding): bool => $finding['level'] > 1));
        $this->assertSame('2.0', (string) $calendar->VERSION);
        $this->assertNotEmpty((string) $calendar->PRODID);
        $uids = $summaries = [];
        foreach ($calendar->VEVENT ?? [] as $event) {
            foreach (['UID', 'DTSTAMP', 'DTSTART', 'SUMMARY'] as $required) {
                $this->assertTrue(isset($event->{$required}), $required);
            }
            $uids[] = (string) $event->UID;
            $summaries[] = (string) $event->SUMMARY;
        }
        $this->assertSame(array_unique($uids), $uids, 'RFC 5545, 3.8.4.7: globally unique');
        $this->assertContains('Move Bramble to Kiln vat', $summaries);
        $this->assertContains('Alder: quarantine is up', $summaries);
        $this->assertContains('Measure Bramble', $summaries);
        $this->assertNotEmpty(array_filter($summaries, fn (string $summary): bool => str_starts_with($summary, 'Look at Burr')));
    }

    public function test_whole_days_end_on_the_next_and_looks_are_in_utc(): void
    {
        foreach ($this->feed()->VEVENT ?? [] as $event) {
            $summary = (string) $event->SUMMARY;
            if ($summary === 'Move Bramble to Kiln vat') {
                $this->assertSame(['20270318', '20270319', 'DATE'], [(string) $event->DTSTART, (string) $event->DTEND, (string) $event->DTSTART['VALUE']]);
            }
            if (str_starts_with($summary, 'Look at')) {
                $this->assertMatchesRegularExpression('/^\d{8}T\d{6}Z$/', (string) $event->DTSTART);
            }
        }
    }

    public function test_the_address_is_private_and_can_be_changed(): void
    {
        $this->assertNull($this->getJson('/api/v1/calendar')->assertOk()->json('url'));
        $first = $this->path($this->postJson('/api/v1/calendar')->assertOk()->json('url'));
        $second = $this->path($this->postJson('/api/v1/calendar')->json('url'));

        $this->assertNotSame($first, $second);
        $this->get($first)->assertNotFound();
        $this->get($second)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
        $this->deleteJson('/api/v1/calendar')->assertNoContent();
        $this->get($second)->assertNotFound();
        $this->get('/calendar/'.str_repeat('a', 48).'.ics')->assertNotFound();
    }

    private function feed(): VCalendar
    {
        $text = (string) $this->get($this->path($this->postJson('/api/v1/calendar')->assertOk()->json('url')))->assertOk()->getContent();
        foreach (explode("\r\n", $text) as $line) {
            $this->assertLessThanOrEqual(75, strlen($line), 'RFC 5545, 3.1: lines are folded');
        }
        $calendar = Reader::read($text);
        $this->assertInstanceOf(VCalendar::class, $calendar);

        return $calendar;
    }

    private function path(string $url): string
    {
        return (string) parse_url($url, PHP_URL_PATH);
    }
}
