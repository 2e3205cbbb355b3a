<?php

declare(strict_types=1);

namespace Tests\Reference;

use Biomegas\Losses\Lifetime;
use Biomegas\Losses\Survival;
use Biomegas\Numerics\PoissonLimits;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Against R 4.2.2: survfit of survival 3.5-3 on its own data aml and lung, and poisson.test. Fixtures and the scripts that made them lie beside. */
final class RSurvivalTest extends TestCase
{
    /** @param  array{time: list<int>, died: list<int>, at: list<int>, atRisk: list<int>, share: list<float>, error: list<float|null>, low: list<float|null>, high: list<float|null>}  $case */
    #[DataProvider('cases')]
    public function test_same_steps_errors_and_intervals_as_survfit(array $case): void
    {
        $survival = Survival::of(array_map(fn (int $days, int $died): Lifetime => new Lifetime($days, $died === 1), $case['time'], $case['died']));
        $this->assertSame($case['at'], array_column($survival->steps, 'days'));
        $this->assertSame($case['atRisk'], array_column($survival->steps, 'atRisk'));
        foreach ($survival->steps as $i => $step) {
            $this->assertEqualsWithDelta($case['share'][$i], $step->share, 1e-10);
            if ($case['low'][$i] !== null) {
                $this->assertEqualsWithDelta([$case['error'][$i], $case['low'][$i], $case['high'][$i]], [$step->error, $step->low, $step->high], 1e-6);
            }
        }
    }

    public function test_same_limits_of_a_count_as_poisson_test(): void
    {
        foreach (json_decode((string) file_get_contents(__DIR__.'/fixtures/poisson.json'), true) as [$count, $low, $high]) {
            $limits = PoissonLimits::of($count);
            $this->assertEqualsWithDelta([$low, $high], [$limits->low, $limits->high], 1e-6 * max(1, $count), "of {$count}");
        }
    }

    /** @return iterable<string, array{mixed}> */
    public static function cases(): iterable
    {
        foreach (json_decode((string) file_get_contents(__DIR__.'/fixtures/survival.json'), true) as $case) {
            yield $case['name'] => [$case];
        }
    }
}
