<?php

declare(strict_types=1);

namespace Tests\Core\Growth;

use Biomegas\Facility\CurveName;
use Biomegas\Growth\Curve\GrowthCurve;
use Biomegas\Growth\Curve\GrowthCurves;
use Biomegas\Growth\Fit\FishFit;
use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\Fit\Observation;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Example;

/** Whatever was written down, the fit answers with finite lengths that never shrink. */
final class FitFuzzTest extends TestCase
{
    private const HISTORIES = 4_000;

    private const DRAWS = 96;

    public function test_thousands_of_random_histories(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $prior = GrowthPrior::ofSpecies(Example::of());
        $curves = array_map(GrowthCurves::named(...), CurveName::cases());
        $failures = [];
        for ($i = 0; $i < self::HISTORIES; $i++) {
            $history = $this->history($random);
            if (! $this->isSound($curves[$i % count($curves)], $prior, $history)) {
                $failures[] = json_encode($history);
            }
        }

        $this->assertSame([], $failures);
    }

    /** @param  list<Observation>  $history */
    private function isSound(GrowthCurve $curve, GrowthPrior $prior, array $history): bool
    {
        $draws = (new FishFit($curve, $prior, draws: self::DRAWS))->fit($history);
        $last = $history === [] ? 0.0 : $history[count($history) - 1]->time;
        $lengths = $draws->lengthsAt([$last, $last + 0.5, $last + 5]);
        foreach ($draws->weight as $s => $weight) {
            if (! is_finite($weight) || ! is_finite($lengths[2][$s]) || $lengths[0][$s] <= 0.0 || $lengths[1][$s] < $lengths[0][$s] - 1e-9 || $lengths[2][$s] < $lengths[1][$s] - 1e-9) {
                return false;
            }
        }

        return abs(array_sum($draws->weight) - 1) < 1e-9;
    }

    /** @return list<Observation> up to six lengths from 1 mm to 6 m, now and then on one day or all the same */
    private function history(Randomizer $random): array
    {
        $sameDay = $random->getInt(0, 9) === 0;
        $sameLength = $random->getInt(0, 9) === 0;
        $time = 0.0;
        $log = log(1 + $random->getInt(0, 5999));
        $history = [];
        for ($i = $random->getInt(0, 6); $i > 0; $i--) {
            $history[] = new Observation($time, $log, [0.01, 0.03, 0.05, 0.12][$random->getInt(0, 3)]);
            $time += $sameDay ? 0.0 : $random->getInt(0, 400) / 365.25;
            $log = $sameLength ? $log : log(1 + $random->getInt(0, 5999));
        }

        return $history;
    }
}
