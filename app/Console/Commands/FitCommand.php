<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Scenario\InputFile;
use App\Scenario\InvalidDocument;
use App\Scenario\LengthTable;
use Biomegas\Finding\Finding;
use Biomegas\Growth\LeastSquares\AgeCurve;
use Biomegas\Growth\LeastSquares\AkaikeWeights;
use Biomegas\Growth\LeastSquares\CurveFit;
use Biomegas\Growth\LeastSquares\CurveFitFailed;
use Biomegas\Growth\LeastSquares\CurveFitter;
use Biomegas\Growth\LeastSquares\Estimate;
use Illuminate\Console\Command;

/** Fits a growth curve by ordinary least squares to a table of ages and lengths. */
final class FitCommand extends Command
{
    use ReadsInput;

    protected $signature = 'biomegas:fit {file? : CSV with the columns age,length or date,length_mm, or - for standard input}
        {--curve=auto : auto, von-bertalanffy, gompertz or logistic}
        {--fixed-zero : hold the age at zero length, or at the inflection, at zero}
        {--start= : a start to try besides the scan: asymptotic length, coefficient and age, with commas}
        {--json : print JSON, as always}';

    protected $description = 'Fit a growth curve to ages and lengths';

    public function handle(): int
    {
        return $this->answer(function (): array {
            $file = InputFile::named($this->argument('file'));
            $table = LengthTable::read(InputFile::read($file), $file);
            $start = $this->start();
            $fits = [];
            $failure = null;
            foreach ($this->curves() as $curve) {
                try {
                    $fits[] = (new CurveFitter($curve, (bool) $this->option('fixed-zero')))->fit($table->ages, $table->lengths, $start);
                } catch (CurveFitFailed $e) {
                    $failure ??= $e;
                }
            }
            if ($fits === []) {
                throw $failure ?? InvalidDocument::at('--curve', Finding::of('document.no_curve'));
            }

            return $this->report(...$this->best($fits));
        });
    }

    /** @return list<AgeCurve> */
    private function curves(): array
    {
        $name = (string) $this->option('curve');
        if ($name === 'auto') {
            return AgeCurve::cases();
        }

        return [AgeCurve::tryFrom($name) ?? throw InvalidDocument::at('--curve', Finding::of('document.unknown_curve', name: $name))];
    }

    /** @return list<float>|null */
    private function start(): ?array
    {
        $text = $this->option('start');
        if ($text === null) {
            return null;
        }
        $numbers = array_map(trim(...), explode(',', $text));
        foreach ($numbers as $number) {
            if (! is_numeric($number)) {
                throw InvalidDocument::at('--start', Finding::of('document.no_number', typed: $number));
            }
        }

        return array_map(floatval(...), $numbers);
    }

    /**
     * The curve with the smallest criterion. All have as many parameters here,
     * so that is the one with the smallest sum of squares.
     *
     * @param  non-empty-list<CurveFit>  $fits
     * @return array{CurveFit, array<string, float>} the best, and the support of each by name
     */
    private function best(array $fits): array
    {
        usort($fits, fn (CurveFit $a, CurveFit $b): int => $a->residualSumOfSquares <=> $b->residualSumOfSquares);
        $names = array_map(fn (CurveFit $fit): string => $fit->curve->value, $fits);

        return [$fits[0], array_combine($names, AkaikeWeights::of($fits))];
    }

    /**
     * @param  array<string, float>  $weights
     * @return array<string, mixed>
     */
    private function report(CurveFit $fit, array $weights): array
    {
        $estimate = fn (Estimate $estimate): array => ['value' => $estimate->value, 'standard_error' => $estimate->standardError];
        $parameters = [
            'asymptotic_length' => $estimate($fit->asymptoticLength),
            'growth_coefficient' => $estimate($fit->growthCoefficient),
        ];
        if ($fit->location !== null) {
            $parameters[$fit->curve->locationName()] = $estimate($fit->location);
        }

        return [
            'curve' => $fit->curve->value,
            'n' => $fit->n,
            'parameters' => $parameters,
            'residual_sum_of_squares' => $fit->residualSumOfSquares,
            'residual_standard_deviation' => $fit->residualStandardDeviation,
            'aicc' => $fit->aicc,
            'akaike_weights' => $weights,
        ];
    }
}
