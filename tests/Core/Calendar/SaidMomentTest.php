<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use Biomegas\Calendar\LocalMoment;
use Biomegas\Calendar\SaidMoment;
use Biomegas\Finding\InvalidEntry;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SaidMomentTest extends TestCase
{
    private const NOW = '2027-03-13T08:10';

    public function test_what_is_not_said_is_now(): void
    {
        $this->assertSame(self::NOW, SaidMoment::of(null, self::moment(self::NOW))->toIso());
    }

    public function test_what_was_kept_is_of_the_time_when_it_was_seen(): void
    {
        $this->assertSame('2027-03-12T22:40', SaidMoment::of(self::moment('2027-03-12T22:40'), self::moment(self::NOW), self::moment('2027-03-12T22:40'))->toIso());
    }

    public function test_a_clock_that_is_a_little_ahead_tells_of_now(): void
    {
        $this->assertSame(self::NOW, SaidMoment::of(self::moment('2027-03-13T08:20'), self::moment(self::NOW))->toIso());
    }

    public function test_a_clock_that_is_a_little_behind_tells_of_when_it_began(): void
    {
        $began = self::moment('2027-03-13T08:09');
        $this->assertSame('2027-03-13T08:09', SaidMoment::of(self::moment('2027-03-13T07:59'), self::moment(self::NOW), $began)->toIso());
    }

    /** @return iterable<string, array{string, string|null, string}> */
    public static function wrong(): iterable
    {
        yield 'a clock that is far ahead' => ['2027-03-13T08:21', null, 'entry.moment_to_come'];
        yield 'what waited for more than thirty days' => ['2027-02-10T23:59', null, 'entry.moment_long_ago'];
        yield 'before it could have been' => ['2027-03-12T22:29', '2027-03-12T22:40', 'entry.moment_too_early'];
    }

    #[DataProvider('wrong')]
    public function test_what_cannot_be_names_the_field(string $said, ?string $since, string $code): void
    {
        try {
            SaidMoment::of(self::moment($said), self::moment(self::NOW), $since === null ? null : self::moment($since));
            $this->fail('It was taken.');
        } catch (InvalidEntry $e) {
            $this->assertSame(['at', $code], [$e->field, $e->finding()->code]);
        }
    }

    private static function moment(string $iso): LocalMoment
    {
        return LocalMoment::fromIso($iso);
    }
}
