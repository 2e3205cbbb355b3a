<?php

declare(strict_types=1);

namespace Tests\Core\Moving;

use Biomegas\Calendar\LocalDate;
use Biomegas\Moving\Sheet\SheetProgress;
use Biomegas\Moving\Sheet\SheetState;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a prepared move asks for on 13 March 2027. */
final class SheetProgressTest extends TestCase
{
    /** @return iterable<string, array{SheetState, string, ?string, bool, array{bool, bool, bool}}> planned day, end of the stay, still there; due, late, over */
    public static function sheets(): iterable
    {
        yield 'planned for tomorrow' => [SheetState::Planned, '2027-03-14', null, false, [false, false, false]];
        yield 'planned for today' => [SheetState::Planned, '2027-03-13', null, false, [true, false, false]];
        yield 'planned for yesterday' => [SheetState::Planned, '2027-03-12', null, false, [true, true, false]];
        yield 'begun yesterday' => [SheetState::Begun, '2027-03-12', null, false, [true, true, false]];
        yield 'dropped' => [SheetState::Cancelled, '2027-03-12', '2027-03-12', true, [false, false, false]];
        yield 'finished for good' => [SheetState::Finished, '2027-03-01', null, true, [false, false, false]];
        yield 'an interim stay that goes on' => [SheetState::Finished, '2027-03-01', '2027-03-14', true, [false, false, false]];
        yield 'one that ends today' => [SheetState::Finished, '2027-03-01', '2027-03-13', true, [false, false, true]];
        yield 'one that is over' => [SheetState::Finished, '2027-03-01', '2027-03-02', true, [false, false, true]];
        yield 'one whose fish has left' => [SheetState::Finished, '2027-03-01', '2027-03-02', false, [false, false, false]];
        yield 'a stay that was never begun' => [SheetState::Planned, '2027-03-20', '2027-03-12', false, [false, false, false]];
    }

    /** @param  array{bool, bool, bool}  $asks */
    #[DataProvider('sheets')]
    public function test_asks(SheetState $state, string $planned, ?string $until, bool $isThere, array $asks): void
    {
        $today = LocalDate::fromIso('2027-03-13');
        $sheet = new SheetProgress($state, LocalDate::fromIso($planned), $until === null ? null : LocalDate::fromIso($until), false, $isThere);

        $this->assertSame($asks, [$sheet->isDueOn($today), $sheet->isLateOn($today), $sheet->isStayOverOn($today)]);
    }
}
