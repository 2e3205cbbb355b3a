<?php

declare(strict_types=1);

namespace Tests\Core\Moving;

use Biomegas\Calendar\LocalMoment;
use Biomegas\Moving\Watch\Check;
use Biomegas\Moving\Watch\CheckItem;
use Biomegas\Moving\Watch\Intervention;
use Biomegas\Moving\Watch\RoundState;
use Biomegas\Moving\Watch\WatchCase;
use Biomegas\Moving\Watch\WatchState;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A watch that began on 13 March at 9: looks at 9:15, 11:30, 14:00, 16:30, 19:00, 21:30, then from 7 the next morning. */
final class WatchStateTest extends TestCase
{
    /** @return iterable<string, array{list<string>, string, bool}> looks, now, whether one is due */
    public static function looks(): iterable
    {
        yield 'just moved' => [[], '13T09:05', false];
        yield 'a quarter of an hour later' => [[], '13T09:15', true];
        yield 'looked at' => [['13T09:20'], '13T09:30', false];
        yield 'the next round' => [['13T09:20'], '13T11:31', true];
        yield 'a little too early counts' => [['13T09:20', '13T10:30'], '13T11:31', false];
        yield 'far too early does not' => [['13T10:10'], '13T11:31', true];
        yield 'missed and nobody looked since' => [['13T09:20'], '13T13:30', true];
        yield 'missed, but somebody looked since' => [['13T09:20', '13T13:10'], '13T13:30', false];
        yield 'at night nobody looks' => [['13T21:30'], '14T03:00', false];
        yield 'in the morning again' => [['13T21:30'], '14T07:00', true];
    }

    /** @param  list<string>  $looks */
    #[DataProvider('looks')]
    public function test_a_look_is_due(array $looks, string $now, bool $isDue): void
    {
        $checks = array_map(fn (string $at): Check => new Check(self::at($at), [], true), $looks);

        $this->assertSame($isDue, self::state($checks, $now)->isLookDue);
    }

    public function test_rounds_are_done_missed_due_and_to_come(): void
    {
        $state = self::state([new Check(self::at('13T09:20'), [], true)], '13T14:05');

        $this->assertSame(
            [RoundState::Done, RoundState::Missed, RoundState::Due, RoundState::ToCome],
            array_map(fn (array $round): RoundState => $round[1], array_slice($state->rounds, 0, 4)),
        );
    }

    public function test_one_that_is_wounded_is_taken_out_and_one_that_is_chased_is_helped(): void
    {
        $calm = self::state([new Check(self::at('13T09:20'), [], true)], '13T09:30');
        $chased = self::state([new Check(self::at('13T09:20'), [], false, 'Burr')], '13T09:30');
        $hurt = self::state([new Check(self::at('13T09:20'), [CheckItem::Scales], false)], '13T09:30');

        $this->assertFalse($calm->isTakeOut());
        $this->assertNull($calm->advice);
        $this->assertFalse($chased->isTakeOut());
        $this->assertSame(Intervention::cases()[0], $chased->advice);
        $this->assertTrue($hurt->isTakeOut());
    }

    public function test_only_rays_are_asked_for_their_disc(): void
    {
        $this->assertNotContains(CheckItem::Disc, self::watched()->items());
        $this->assertContains(CheckItem::Disc, (new WatchCase('Tansy', self::at('13T09:00'), isRay: true))->items());
    }

    /** @param  list<Check>  $checks */
    private static function state(array $checks, string $now): WatchState
    {
        return WatchState::of(self::watched(), $checks, [], new Rulebook, self::at($now));
    }

    private static function watched(): WatchCase
    {
        return new WatchCase('Moss', self::at('13T09:00'));
    }

    private static function at(string $dayAndTime): LocalMoment
    {
        return LocalMoment::fromIso("2027-03-{$dayAndTime}");
    }
}
