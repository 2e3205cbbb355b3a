<?php

declare(strict_types=1);

namespace Tests\Core\Losses;

use Biomegas\Losses\Lifetime;
use Biomegas\Losses\Survival;
use Biomegas\Losses\SurvivalStep;
use PHPUnit\Framework\TestCase;
use Tests\Said;

final class SurvivalTest extends TestCase
{
    /** The group kept on treatment of the data set aml: Miller (1981), Survival Analysis; weeks, false where it went on. */
    private const AML = [[9, true], [13, true], [13, false], [18, true], [23, true], [28, false], [31, true], [34, true], [45, false], [48, true], [161, false]];

    /** Shares and standard errors as R's survival prints them for aml (values from memory, three and four digits). */
    public function test_against_a_published_data_set(): void
    {
        $survival = Survival::of(array_map(fn (array $life): Lifetime => new Lifetime(...$life), self::AML));
        $printed = [[9, 11, 0.909, 0.0867], [13, 10, 0.818, 0.1163], [18, 8, 0.716, 0.1397], [23, 7, 0.614, 0.1526], [31, 5, 0.491, 0.1642], [34, 4, 0.368, 0.1627], [48, 2, 0.184, 0.1535]];
        $this->assertSame(array_map(fn (array $row): array => array_slice($row, 0, 2), $printed), array_map(fn (SurvivalStep $step): array => [$step->days, $step->atRisk], $survival->steps));
        foreach ($survival->steps as $i => $step) {
            $this->assertEqualsWithDelta($printed[$i][2], $step->share, 5.1e-4);
            $this->assertEqualsWithDelta($printed[$i][3], $step->error, 5.1e-5);
            $this->assertTrue($step->low < $step->share && $step->share < $step->high);
            // The interval is symmetric in the logarithm of minus the logarithm of the share.
            $scale = fn (float $share): float => log(-log($share));
            $this->assertEqualsWithDelta($scale($step->share) - $scale($step->high), $scale($step->low) - $scale($step->share), 1e-9);
            $this->assertEqualsWithDelta(1.959964 * $step->error / ($step->share * abs(log($step->share))), $scale($step->low) - $scale($step->share), 1e-9);
        }
    }

    public function test_members_of_a_shoal_count_each_and_nothing_is_concluded_from_too_few(): void
    {
        $of = fn (int $died): Survival => Survival::of([new Lifetime(100, true, $died), new Lifetime(400, false, 20 - $died)]);
        $this->assertSame([20, 5, 0.75], [$of(5)->came, $of(5)->deaths, $of(5)->steps[0]->share]);
        $this->assertSame('Of 20 that came 75 % live after a year: between 50 % and 89 %, from 5 deaths.', Said::of($of(5)->finding()));
        $this->assertSame('Of 20 that came 2 died: too few to say how long they live here.', Said::of($of(2)->finding()));
        $this->assertSame([true, false], [$of(5)->isEnough(), $of(2)->isEnough()]);
        $this->assertNull(Survival::of([])->finding());
        $this->assertSame('Of 12 that came none died within a year.', Said::of(Survival::of([new Lifetime(500, true, 3), new Lifetime(600, false, 9)])->finding()));
        $this->assertSame([0.0, 0.0], [Survival::of([new Lifetime(5, true)])->steps[0]->share, Survival::of([new Lifetime(5, true)])->steps[0]->high], 'the last one died');
    }
}
