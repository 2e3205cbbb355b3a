<?php

declare(strict_types=1);

namespace Tests\Core\Losses;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Losses\CountKind;
use Biomegas\Losses\HeadCount;
use Biomegas\Losses\HeadCountEvent;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Said;

final class HeadCountTest extends TestCase
{
    /** @param  list<HeadCountEvent>  $events */
    #[DataProvider('histories')]
    public function test_counts(int $arrived, array $events, int $there): void
    {
        $this->assertSame($there, HeadCount::after($arrived, $events));
    }

    /** @return iterable<string, array{int, list<HeadCountEvent>, int}> */
    public static function histories(): iterable
    {
        $day = LocalDate::fromIso(...);
        yield 'nothing happened' => [12, [], 12];
        yield 'losses take away' => [12, [HeadCountEvent::loss($day('2026-02-01'), 2), HeadCountEvent::loss($day('2026-03-01'), 1)], 9];
        yield 'all caught settles it' => [12, [HeadCountEvent::loss($day('2026-02-01'), 2), HeadCountEvent::count($day('2026-03-01'), CountKind::AllCaught, 11)], 11];
        yield 'a loss after the count' => [12, [HeadCountEvent::count($day('2026-03-01'), CountKind::AllCaught, 11), HeadCountEvent::loss($day('2026-04-01'), 2)], 9];
        yield 'entered out of order' => [12, [HeadCountEvent::loss($day('2026-04-01'), 2), HeadCountEvent::count($day('2026-03-01'), CountKind::AllCaught, 11)], 9];
        yield 'on one day the loss comes first' => [12, [HeadCountEvent::count($day('2026-03-01'), CountKind::AllCaught, 10), HeadCountEvent::loss($day('2026-03-01'), 2)], 10];
        yield 'seeing some proves nothing' => [12, [HeadCountEvent::count($day('2026-03-01'), CountKind::AtLeast, 7), HeadCountEvent::count($day('2026-03-02'), CountKind::Estimate, 8)], 12];
        yield 'never below zero' => [1, [HeadCountEvent::loss($day('2026-02-01'), 1), HeadCountEvent::loss($day('2026-02-02'), 1)], 0];
    }

    public function test_refuses_to_lose_more_than_are_there(): void
    {
        foreach ([[0, 1, 'Already gone'], [3, 4, 'from 1 to 3'], [3, 0, 'from 1 to 3']] as [$there, $lost, $sentence]) {
            try {
                HeadCount::checkLoss('Barbs', $there, $lost);
                $this->fail($sentence);
            } catch (InvalidEntry $refused) {
                $this->assertSame('count', $refused->field);
                $this->assertStringContainsString($sentence, Said::of($refused->finding()));
            }
        }
    }
}
