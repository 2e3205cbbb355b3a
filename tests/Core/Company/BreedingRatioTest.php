<?php

declare(strict_types=1);

namespace Tests\Core\Company;

use Biomegas\Company\BreedingRatio;
use Biomegas\Facility\Group\Sexes;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Ratios of the schools: common practice, no published source. */
final class BreedingRatioTest extends TestCase
{
    /** @return iterable<string, array{string, Sexes, string|null, int|null}> school, who, code of what is found, females short */
    public static function histories(): iterable
    {
        yield 'nobody has looked' => ['2:2', new Sexes(0, 0, 6), null, null];
        yield 'one alone' => ['2:2', new Sexes(1), null, null];
        yield 'a pair' => ['2:2', new Sexes(1, 1), 'pair', null];
        yield 'two and two' => ['2:2', new Sexes(2, 2), 'fits', null];
        yield 'two and two with one dead' => ['2:2', new Sexes(2, 2, 0, 1), 'open', null];
        yield 'one male and four females' => ['2:2', new Sexes(1, 4), 'no_spare_male', null];
        yield 'the same where one male is enough' => ['1:3', new Sexes(1, 4), 'fits', null];
        yield 'too many males' => ['2:2', new Sexes(4, 1), 'females_short', 3];
        yield 'two to each' => ['1:2', new Sexes(2, 3), 'females_short', 1];
        yield 'those not looked at may be females' => ['1:2', new Sexes(2, 3, 1), 'open', null];
        yield 'and if all are, one is still short' => ['1:3', new Sexes(2, 4, 1), 'females_short', 1];
        yield 'only females' => ['1:2', new Sexes(0, 5), 'no_male', null];
    }

    #[DataProvider('histories')]
    public function test_the_group_against_the_school(string $school, Sexes $sexes, ?string $found, ?int $short): void
    {
        $finding = BreedingRatio::of($sexes, new Rulebook(['breeding_ratio' => $school]));
        $this->assertSame($found === null ? null : "group.ratio.{$found}", $finding?->code);
        $this->assertSame($short, $finding->figures['short'] ?? null);
    }
}
