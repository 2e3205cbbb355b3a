<?php

declare(strict_types=1);

namespace Tests\Core\Moving;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Moving\MoveInPlace;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

/** A move of the past is corrected between its neighbours, and taken out unless the next one goes back. */
final class MoveInPlaceTest extends TestCase
{
    /** @return list<array{string, string, string|null}> home, day, what speaks against it */
    public static function corrections(): array
    {
        return [
            ['vat', '2026-05-10', null],
            ['vat', '2026-05-01', null],
            ['vat', '2026-06-01', null],
            ['vat', '2026-04-30', 'moving.before_its_stay'],
            ['vat', '2026-06-02', 'moving.after_the_next'],
            ['tank', '2026-05-10', 'moving.lives_there'],
            ['pond', '2026-05-10', 'moving.went_there_next'],
        ];
    }

    #[DataProvider('corrections')]
    public function test_it_is_corrected_between_its_neighbours(string $to, string $day, ?string $refused): void
    {
        $this->assertSame($refused, $this->refusal(fn () => $this->place('pond')->check($this->system($to), LocalDate::fromIso($day), LocalDate::fromIso('2027-03-01'))));
    }

    public function test_it_goes_unless_the_next_one_would_go_nowhere(): void
    {
        $this->assertNull($this->refusal(fn () => $this->place('pond')->checkRemoval()));
        $this->assertSame('moving.went_back_next', $this->refusal(fn () => $this->place('tank')->checkRemoval()));
        $this->assertNull($this->refusal(fn () => $this->place(null)->checkRemoval()));
        $this->assertSame(['moving.next_begins_there', 'moving.lives_there_again'], [$this->place('pond')->withoutIt()->code, $this->place(null)->withoutIt()->code]);
    }

    private function place(?string $next): MoveInPlace
    {
        return new MoveInPlace(Example::fish(Example::of(), 'tank', ['2026-01-10' => 200.0]), $this->system('tank'), LocalDate::fromIso('2026-05-01'), $next === null ? null : $this->system($next), $next === null ? null : LocalDate::fromIso('2026-06-01'));
    }

    private function system(string $key): System
    {
        return Example::tank($key, 100, 50);
    }

    private function refusal(callable $check): ?string
    {
        try {
            $check();
        } catch (InvalidEntry $e) {
            return $e->finding()->code;
        }

        return null;
    }
}
