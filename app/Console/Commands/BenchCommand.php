<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\LargeFacility;
use App\Facility\KeptAnswers;
use Biomegas\Facility\Facility;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\LeastSquares\AgeCurve;
use Biomegas\Growth\LeastSquares\CurveFitter;
use Biomegas\Planning\FishBrief;
use Biomegas\Planning\FishOutlook;
use Closure;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\Repository;
use Illuminate\Console\Command;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/** Measures the core on invented facilities; read the ratios to the reference loop before the milliseconds. */
final class BenchCommand extends Command
{
    protected $signature = 'biomegas:bench {--quick : fewer fish, for a look}';

    protected $description = 'Measure how fast the core projects, as times and as ratios to a reference loop';

    private const AGES = [0.3, 0.8, 1.2, 1.9, 2.6, 3.4];

    private const LENGTHS = [118.0, 232.0, 301.0, 402.0, 468.0, 520.0];

    private const REFERENCE_STEPS = 200_000;

    public function handle(): int
    {
        $reference = $this->milliseconds(5, $this->referenceLoop(...));
        $one = LargeFacility::of(1, 1, 6);
        $many = $this->option('quick') ? LargeFacility::of(30, 10, 4) : LargeFacility::of(300, 40, 4);
        $size = count($many->fish).' fish x '.count($many->systems).' systems';
        $rows = [
            ['reference loop of '.number_format(self::REFERENCE_STEPS).' exponentials', $reference, ''],
            ['one fish, six lengths, 512 draws: fit and table', $this->milliseconds(20, fn () => $this->project($one)), '5'],
            ['the same, held against one home', $this->milliseconds(20, fn () => $this->outlooks($one)), ''],
            ['least squares fit of six lengths', $this->milliseconds(20, $this->fit(...)), ''],
        ];
        $r = $this->fitByR();
        if ($r !== null) {
            $rows[] = ['the same by R nls with SSasymp', $r, ''];
        }
        $answers = new KeptAnswers(new Repository(new ArrayStore));
        $rows[] = ["{$size}, cold", $this->milliseconds(1, fn () => $this->briefs($many, $answers)), '500'];
        $rows[] = ["{$size}, warm", $this->milliseconds(3, fn () => $this->briefs($many, $answers)), '50'];
        $this->table(['what', 'ms', 'aim, ms', 'times the reference'], array_map(
            fn (array $row): array => [$row[0], number_format($row[1], 2), $row[2], number_format($row[1] / $reference, 2)],
            $rows,
        ));

        return self::SUCCESS;
    }

    private function referenceLoop(): void
    {
        $sum = 0.0;
        for ($i = 0; $i < self::REFERENCE_STEPS; $i++) {
            $sum += exp(-$i / self::REFERENCE_STEPS);
        }
    }

    private function project(Facility $facility): void
    {
        (new FacilityGrowth($facility))->projectionOf($facility->fish['fish-0']);
    }

    private function outlooks(Facility $facility): void
    {
        FishOutlook::of(new FacilityGrowth($facility), $facility->fish['fish-0']);
    }

    private function fit(): void
    {
        (new CurveFitter(AgeCurve::VonBertalanffy))->fit(self::AGES, self::LENGTHS);
    }

    private function briefs(Facility $facility, KeptAnswers $answers): void
    {
        $growth = new FacilityGrowth($facility);
        $surroundings = hash('xxh128', serialize([$facility->date, $facility->rulebook, $facility->systems]));
        foreach ($facility->fish as $fish) {
            $answers->of(
                ['brief', $fish, $growth->kinOf($fish, $fish->species), $surroundings],
                fn (): FishBrief => FishBrief::of($facility, FishOutlook::of($growth, $fish)),
            );
        }
    }

    /** Milliseconds of one nls call inside R; null where R is not installed. */
    private function fitByR(): ?float
    {
        $r = (new ExecutableFinder)->find('Rscript');
        if ($r === null) {
            return null;
        }
        $script = sprintf(
            'd <- data.frame(x = c(%s), y = c(%s)); t <- system.time(for (i in 1:50) nls(y ~ SSasymp(x, Asym, R0, lrc), d))[["elapsed"]]; cat(t / 50 * 1000)',
            implode(', ', self::AGES),
            implode(', ', self::LENGTHS),
        );
        $process = new Process([$r, '-e', $script]);
        $process->run();

        return $process->isSuccessful() ? (float) $process->getOutput() : null;
    }

    /** Least of some runs, after one that is not counted. */
    private function milliseconds(int $runs, Closure $work): float
    {
        if ($runs > 1) {
            $work();
        }
        $least = INF;
        for ($i = 0; $i < $runs; $i++) {
            $start = hrtime(true);
            $work();
            $least = min($least, (hrtime(true) - $start) / 1e6);
        }

        return $least;
    }
}
