<?php

declare(strict_types=1);

namespace Tests\Core\Moving;

use Biomegas\Calendar\LocalDate;
use Biomegas\Company\Act;
use Biomegas\Company\Harm;
use Biomegas\Company\Incident;
use Biomegas\Facility\System;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Moving\MadeMove;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

final class MadeMoveTest extends TestCase
{
    public function test_goes_from_the_present_home(): void
    {
        $move = $this->move('den', '2026-09-01');

        $this->assertSame(['home', 'den'], [$move->from, $move->to]);
    }

    public function test_refuses_what_cannot_have_been(): void
    {
        foreach ([
            ['home', '2026-09-01', 'to', 'Home is already the home of'],
            ['den', '2027-03-02', 'date', 'in the future'],
            ['den', '2025-12-31', 'date', 'arrived on'],
            ['later', '2026-09-01', 'to', 'was not in use'],
        ] as [$to, $day, $field, $sentence]) {
            try {
                $this->move($to, $day);
                $this->fail($sentence);
            } catch (InvalidEntry $refused) {
                $this->assertSame($field, $refused->field);
                $this->assertStringContainsString($sentence, Said::of($refused->finding()));
            }
        }
    }

    public function test_a_fish_cannot_chase_itself_but_a_shoal_can(): void
    {
        $today = LocalDate::fromIso('2027-03-01');
        $shoal = Example::fish(Example::of(), 'home', [], count: 6);
        $this->assertSame($shoal, Incident::record($shoal, $shoal, Act::Chased, Harm::None, $today, $today)->target);

        $this->expectException(InvalidEntry::class);
        $fish = Example::fish(Example::of(), 'home', []);
        Incident::record($fish, $fish, Act::Chased, Harm::None, $today, $today);
    }

    private function move(string $to, string $day): MadeMove
    {
        $den = Example::tank('den', 150, 60);
        $later = new System('later', 'Later', $den->kind, $den->pools, availableFrom: LocalDate::fromIso('2027-01-01'));
        $homes = ['home' => Example::tank('home', 120, 50), 'den' => $den, 'later' => $later];

        return MadeMove::record(Example::fish(Example::of(), 'home', []), $homes[$to], LocalDate::fromIso($day), LocalDate::fromIso('2027-03-01'));
    }
}
