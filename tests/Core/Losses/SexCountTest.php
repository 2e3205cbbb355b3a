<?php

declare(strict_types=1);

namespace Tests\Core\Losses;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Group\Makeup;
use Biomegas\Facility\Group\Sexes;
use Biomegas\Facility\Sex;
use Biomegas\Losses\CountKind;
use Biomegas\Losses\HeadCount;
use Biomegas\Losses\HeadCountEvent;
use Biomegas\Losses\SexCount;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SexCountTest extends TestCase
{
    /** @return iterable<string, array{0: array{int, int, int}, 1: list<HeadCountEvent>, 2: Sexes, 3?: int}> how many, males, females on the first of March; what happened; who is there; how many, where the first of March does not tell */
    public static function histories(): iterable
    {
        $later = LocalDate::fromIso('2027-03-05');
        yield 'nothing happened' => [[5, 2, 2], [], new Sexes(2, 2, 1)];
        yield 'a male died' => [[5, 2, 2], [HeadCountEvent::loss($later, 1, Sex::Male)], new Sexes(1, 2, 1)];
        yield 'nobody saw who died' => [[4, 2, 2], [HeadCountEvent::loss($later, 1)], new Sexes(2, 2, 0, 1)];
        yield 'there was only one sort' => [[3, 0, 3], [HeadCountEvent::loss($later, 1)], new Sexes(0, 2)];
        yield 'a count found one less' => [[4, 2, 2], [HeadCountEvent::count($later, CountKind::AllCaught, 3)], new Sexes(2, 2, 0, 1)];
        yield 'a count found one more' => [[4, 2, 2], [HeadCountEvent::count($later, CountKind::AllCaught, 5)], new Sexes(2, 2, 1)];
        yield 'a guess proves nothing' => [[4, 2, 2], [HeadCountEvent::count($later, CountKind::AtLeast, 3)], new Sexes(2, 2)];
        yield 'one that was not sexed turns out a male' => [[4, 0, 3], [HeadCountEvent::loss($later, 1, Sex::Male)], new Sexes(0, 3)];
        yield 'a female came back' => [[4, 2, 2], [HeadCountEvent::loss($later, 1, Sex::Female), HeadCountEvent::joined($later, 1, Sex::Female)], new Sexes(2, 2)];
        yield 'a male left later that day' => [[5, 2, 3], [HeadCountEvent::loss(LocalDate::fromIso('2027-03-01'), 1, Sex::Male)], new Sexes(1, 3)];
        yield 'a male left earlier that day' => [[4, 2, 2], [HeadCountEvent::loss(LocalDate::fromIso('2027-03-01'), 1, Sex::Male)], new Sexes(2, 2), 4];
        yield 'what was before is in it' => [[4, 2, 2], [HeadCountEvent::loss(LocalDate::fromIso('2027-02-20'), 3, Sex::Male)], new Sexes(2, 2)];
    }

    /**
     * @param  array{int, int, int}  $seen
     * @param  list<HeadCountEvent>  $events
     */
    #[DataProvider('histories')]
    public function test_who_is_there(array $seen, array $events, Sexes $expected, ?int $there = null): void
    {
        [$count, $males, $females] = $seen;
        $makeup = Makeup::of(LocalDate::fromIso('2027-03-01'), $count, $males, $females);
        $after = array_values(array_filter($events, fn (HeadCountEvent $event): bool => ! $event->date->isBefore($makeup->date)));
        $there ??= HeadCount::after($count, $after);
        $sexes = SexCount::after($makeup, $there, $events);
        $this->assertEquals($expected, $sexes);
        $this->assertSame($there, $sexes->there());
    }

    public function test_of_one_missing_either_may_be_left(): void
    {
        $sexes = new Sexes(1, 1, 0, 1);
        $this->assertSame([0, 0, 1, false], [$sexes->malesAtLeast(), $sexes->femalesAtLeast(), $sexes->there(), $sexes->isPair()]);
        $this->assertTrue((new Sexes(1, 1))->isPair());
        $this->assertFalse((new Sexes(1, 1, 1))->isPair());
        $this->assertTrue((new Sexes(2))->areTwoMales());
        $this->assertFalse((new Sexes(1, 0, 1))->areTwoMales());
    }
}
