<?php

declare(strict_types=1);

namespace Tests\Core\Losses;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Group\Makeup;
use Biomegas\Facility\Group\Sexes;
use Biomegas\Facility\Group\SizeClass;
use Biomegas\Facility\Sex;
use Biomegas\Facility\Stay;
use Biomegas\Losses\Parting;
use Biomegas\Measure\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

final class PartingTest extends TestCase
{
    /** @return iterable<string, array{int, Sex|null, string, string}> how many, sex, size, the field refused; '' for none */
    public static function partings(): iterable
    {
        yield 'one of any' => [1, null, '', ''];
        yield 'all of them' => [5, null, '', 'count'];
        yield 'none' => [0, null, '', 'count'];
        yield 'more males than can be' => [4, Sex::Male, '', 'sex'];
        yield 'a male among those not looked at' => [3, Sex::Male, '', ''];
        yield 'the small ones' => [2, null, 'small ones', ''];
        yield 'more small ones than there are' => [3, null, 'small ones', 'size'];
        yield 'a size nobody told apart' => [1, null, 'huge ones', 'size'];
    }

    #[DataProvider('partings')]
    public function test_what_can_leave_a_group(int $count, ?Sex $sex, string $size, string $refused): void
    {
        $field = Said::refusedField(fn (): ?SizeClass => Parting::check(self::discs(), 5, $count, $sex, $size));
        $this->assertSame($refused, $field);
    }

    public function test_the_size_that_was_asked_for_comes_back(): void
    {
        $this->assertSame(80.0, Parting::check(self::discs(), 5, 1, null, 'small ones')?->length->millimetres());
    }

    public function test_one_joins_only_its_own_species_in_its_own_home(): void
    {
        $one = fn (string $home, string $key, string $species): Fish => Example::fish(Example::of(key: $species), $home, [], key: $key);
        Parting::checkReturn($one('home', 'a', 'disc'), self::discs());
        foreach ([$one('elsewhere', 'a', 'disc'), $one('home', 'a', 'other'), self::discs()] as $wrong) {
            $this->assertSame('into', Said::refusedField(fn () => Parting::checkReturn($wrong, self::discs())));
        }
    }

    public function test_a_make_up_names_nobody_twice_and_no_more_than_are_there(): void
    {
        $day = LocalDate::fromIso('2027-03-01');
        $size = fn (string $called, int $count): SizeClass => new SizeClass($called, $count, Length::ofMillimetres(80));
        $this->assertSame('males', Said::refusedField(fn (): Makeup => Makeup::of($day, 5, 3, 3)));
        $this->assertSame('sizes', Said::refusedField(fn (): Makeup => Makeup::of($day, 5, 0, 0, [$size('', 6)])));
        $this->assertSame('sizes', Said::refusedField(fn (): Makeup => Makeup::of($day, 5, 0, 0, [$size('small', 1), $size('Small', 1)])));
        $this->assertSame(2, Makeup::of($day, 5, 0, 0, [$size('', 1), $size('', 1)])->sized());
    }

    public function test_mean_and_spread_of_sizes(): void
    {
        $makeup = self::discs()->makeup;
        $this->assertNotNull($makeup);
        $this->assertSame(116.0, $makeup->meanMm(), '(3 × 140 + 2 × 80) / 5');
        $this->assertEqualsWithDelta(sqrt(864), $makeup->spreadMm(), 1e-9, '(3 × 24² + 2 × 36²) / 5');
        $this->assertSame([80.0, 140.0], [$makeup->smallestMm(), $makeup->largestMm()]);
        $counts = fn (int $left): array => array_map(fn (SizeClass $size): array => [$size->called, $size->count], $makeup->sizesOf($left));
        $this->assertSame([['small ones', 2], ['large ones', 2]], $counts(4), 'one of those of whom there were most');
        $this->assertSame([['large ones', 1]], $counts(1));
    }

    private static function discs(): Fish
    {
        $day = LocalDate::fromIso('2027-03-01');
        $sizes = [new SizeClass('large ones', 3, Length::ofMillimetres(140)), new SizeClass('small ones', 2, Length::ofMillimetres(80))];

        return new Fish(
            'discs', 'Discs', Example::of(key: 'disc'), $day, [new Stay('home', $day)], count: 5,
            makeup: Makeup::of($day, 5, 2, 2, $sizes), sexes: new Sexes(2, 2, 1),
        );
    }
}
