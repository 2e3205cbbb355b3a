<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\Calibration\MeasuredSeries;
use App\Bench\Calibration\SeriesResult;
use App\Bench\Calibration\SeriesTrial;
use App\Bench\Calibration\Trial;
use App\Bench\InventedAggression;
use App\Bench\InventedPlacement;
use App\Bench\LargeDatabase;
use App\Bench\LargeFacility;
use App\Bench\MachineBench;
use App\Bench\PageReader;
use App\Bench\TemporaryDatabase;
use App\Bench\YearOfUse;
use App\Facility\ProjectionCache;
use App\Pictures\PictureSizes;
use App\Pictures\ReceivedPicture;
use Biomegas\Company\Aggression\Aggression;
use Biomegas\Facility\Equipment\LightSchedule;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Growth\Clock\FacilityClocks;
use Biomegas\Growth\Curve\GrowthCurves;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Fit\FishFit;
use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\Fit\MeasuredGrowth;
use Biomegas\Growth\LeastSquares\AgeCurve;
use Biomegas\Growth\LeastSquares\CurveFitter;
use Biomegas\Growth\Pace\FacilityPace;
use Biomegas\Numerics\WeightedQuantiles;
use Biomegas\Placement\Improvement;
use Biomegas\Placement\Incumbent;
use Biomegas\Placement\ProblemReader;
use Biomegas\Planning\Company\CompanyGrid;
use Biomegas\Planning\FishBrief;
use Biomegas\Planning\FishOutlook;
use Biomegas\Planning\HomesAhead\HomeSearch;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Planning\HomesAhead\Residents;
use Biomegas\Planning\HomesAhead\Whereabouts;
use Biomegas\Rulebook\Rulebook;
use Closure;
use Illuminate\Console\Command;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/** Measures the core on invented facilities; read the ratios to the reference loop before the milliseconds. */
final class BenchCommand extends Command
{
    use RunsCompiled;

    protected $signature = 'biomegas:bench {--quick : fewer fish, for a look} {--machine : what one machine holds; takes minutes}';

    protected $description = 'Measure how fast the core projects, as ratios to a reference loop, and how well its bands are calibrated';

    private const AGES = [0.3, 0.8, 1.2, 1.9, 2.6, 3.4];

    private const LENGTHS = [118.0, 232.0, 301.0, 402.0, 468.0, 520.0];

    private const REFERENCE_STEPS = 200_000;

    private const RUNS_OF_A_PAGE = 20;

    private const MANY_DRAWS = 512;

    private const A_FEW_DAYS = 10;

    private const LIMIT_MM = 250.0;

    /** Units, systems, periods, conflicts and seconds: each grows by itself, then all of them. */
    private const PLACEMENTS = [
        [6, 5, 12, 6, 10], [12, 7, 18, 12, 10],
        [24, 7, 18, 24, 10], [48, 7, 18, 48, 10], [12, 14, 18, 12, 10], [12, 28, 18, 12, 10], [12, 7, 36, 12, 10], [12, 7, 72, 12, 10],
        [25, 10, 26, 60, 20], [50, 15, 36, 200, 20], [100, 20, 52, 500, 10], [100, 20, 52, 500, 60],
    ];

    public function handle(): int
    {
        if ($this->option('machine')) {
            $this->table(['what', 'how much'], MachineBench::run($this->laravel->make(Kernel::class), fn (string $what) => $this->line($what)));

            return self::SUCCESS;
        }
        if (! $this->runsCompiled() && ! $this->cannotRunCompiled()) {
            return $this->runCompiled('tracing', ['biomegas:bench', ...($this->option('quick') ? ['--quick'] : [])]);
        }
        if (! $this->runsCompiled()) {
            $this->warn('The compiler of the opcode cache is not there: everything takes about twice as long.');
        }
        $this->speed();
        if (! $this->option('quick')) {
            $this->api();
        }
        $this->yearOfUse();
        $this->placement();
        if (! $this->option('quick')) {
            $this->calibration();
            $this->series();
        }

        return self::SUCCESS;
    }

    private function speed(): void
    {
        $reference = $this->milliseconds(5, $this->referenceLoop(...));
        $facility = LargeFacility::of(1, 1, 6);
        $many = $this->option('quick') ? LargeFacility::of(30, 10, 4) : LargeFacility::of(300, 40, 4);
        $size = count($many->fish).' fish x '.count($many->systems).' systems';
        $rows = [
            ['reference loop of '.number_format(self::REFERENCE_STEPS).' exponentials', $reference, ''],
            ['one fish, six lengths, '.self::MANY_DRAWS.' draws: fit and dates', $this->milliseconds(50, fn () => $this->project($facility, self::MANY_DRAWS)), '5'],
            ['the same with the usual '.FishFit::DRAWS.' spread draws', $this->milliseconds(50, fn () => $this->project($facility, FishFit::DRAWS)), ''],
            ['least squares fit of six lengths', $this->milliseconds(50, $this->fit(...)), ''],
        ];
        $r = $this->fitByR();
        if ($r !== null) {
            $rows[] = ['the same by R nls with SSasymp', $r, ''];
        }
        $memory = DB::connectUsing('bench-answers', ['driver' => 'sqlite', 'database' => ':memory:', 'prefix' => '']);
        assert($memory instanceof Connection);
        $answers = fn (string $code): ProjectionCache => new ProjectionCache(fn (): Connection => $memory, $code);
        $pace = FacilityGrowth::paceOf($many);
        $this->briefs($many, $pace, $answers('warming up'));
        $rows[] = ["{$size}, what their paces say of each other, once a month", $this->milliseconds(3, fn () => FacilityGrowth::paceOf($many)), ''];
        $rows[] = ["{$size}, cold", $this->milliseconds(1, fn () => $this->briefs($many, $pace, $answers('bench'))), '500'];
        $rows[] = ["{$size}, warm", $this->milliseconds(5, fn () => $this->briefs($many, $pace, $answers('bench'))), '50'];
        $rows[] = ["{$size}, chains of homes, all anew", $this->milliseconds(1, fn () => $this->chains($many)), ''];
        $rows[] = $this->grid();
        $rows[] = $this->aggression();
        $this->table(['what', 'ms', 'aim, ms', 'times the reference'], array_map(
            fn (array $row): array => [$row[0], number_format($row[1], 2), $row[2], number_format($row[1] / $reference, 2)],
            $rows,
        ));
    }

    /** Whole requests inside the application, without the network, once everything has been worked out for the day. */
    private function api(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'biomegas-bench');
        try {
            $user = LargeDatabase::fill($file, $this->laravel->make(Kernel::class));
            $reference = $this->milliseconds(5, $this->referenceLoop(...));
            $rows = [];
            foreach ([['systems, with two years of projection', 'systems', 100], ['one system', 'systems/1', 100], ['a year of ten-minute readings', 'systems/1/readings?quantity=temperature_c&days=365', 100], ['two days, every reading', 'systems/1/readings?quantity=temperature_c&days=2', 100], ['today', 'today', 100], ['fish', 'fish', 100], ['one fish', 'fish/1', 60], ['lanes', 'lanes', 100], ['company', 'company', 100], ['the rulebook', 'rulebook', 100], ['the store', 'food', 100], ['the round of feeding', 'feeding', 100], ['what a system is fed and costs', 'systems/1/feeding', 100], ['what all of it costs', 'costs', 100], ['the log of 100,000 entries', 'log', 100], ['its weeks', 'log/weeks', 100], ['searched for three words', 'log?words=gurgles+night+torn', 100], ['searched with a slip', 'log?words=gurlges', 100], ['of one fish', 'log?fish=7', 100], ['of one system', 'log?system=3', 100], ['everything searched', 'search?words=fish+12', 100]] as [$what, $path, $aim]) {
                $again = $this->ninetyFifth(fn () => PageReader::read($path, $user));
                $rows[] = [$what, number_format($this->ninetyFifth(fn () => PageReader::readAnew($path, $user)), 1), number_format($again, 1), number_format($again / $reference, 2), $aim];
            }
            $photograph = self::photograph();
            $ready = $this->milliseconds(3, fn () => PictureSizes::of(ReceivedPicture::of($photograph)));
            $rows[] = ['a picture of 12 megapixels made ready', '', number_format($ready, 1), number_format($ready / $reference, 2), 2000];
        } finally {
            TemporaryDatabase::delete($file);
        }
        $this->line('API on the big demo: 300 fish in 40 systems, 50,000 readings in a probed system; 95 of 100 take no longer.');
        $this->table(['answer', 'ms after a write', 'ms again', 'times the reference', 'aim, ms'], $rows);
    }

    /** As many pixels as phones take, and as little alike: noise in patches. */
    private static function photograph(): string
    {
        $image = imagecreatetruecolor(4032, 3024);
        $random = new Randomizer(new Mt19937(5));
        for ($i = 0; $i < 60_000; $i++) {
            imagefilledellipse($image, $random->getInt(0, 4031), $random->getInt(0, 3023), $random->getInt(4, 90), $random->getInt(4, 60), $random->getInt(0, 0xFFFFFF));
        }
        ob_start();
        imagejpeg($image, null, 90);

        return (string) ob_get_clean();
    }

    private function yearOfUse(): void
    {
        $days = $this->option('quick') ? self::A_FEW_DAYS : YearOfUse::DAYS;
        $rows = YearOfUse::of($days, fn (Closure $work): float => $this->milliseconds(5, $work));
        $this->line('Today at Heron Lock, after so many days of use.');
        $this->table(['day', 'ms', 'answers kept, MB', 'answers'], $rows);
    }

    /** How time and gap grow with the size of invented placement problems, each by the command itself. */
    private function placement(): void
    {
        $this->line('Placement: invented problems; "alone" is a plan in which each unit was planned by itself beside the others.');
        $rows = [];
        foreach ($this->option('quick') ? array_slice(self::PLACEMENTS, 0, 2) : self::PLACEMENTS as [$units, $systems, $periods, $conflicts, $seconds]) {
            $document = InventedPlacement::document($units, $systems, $periods, $conflicts, 1);
            $alone = (new Improvement(ProblemReader::read($document), new Randomizer(new Mt19937(1)), new Incumbent))->construct()->cost;
            $process = new Process([PHP_BINARY, base_path('artisan'), 'biomegas:place', '-', "--seconds={$seconds}"], env: ['BIOMEGAS_COMPILED' => false], input: json_encode($document, JSON_THROW_ON_ERROR), timeout: null);
            $answer = json_decode($process->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR);
            $rows[] = [
                "{$units} x {$systems} x {$periods}", $conflicts, number_format($answer['seconds'], 1), number_format($answer['objective'], 2),
                number_format(100 * (1 - $answer['objective'] / $alone), 1), number_format(100 * (1 - $answer['bound'] / $answer['objective']), 1),
                $answer['proven_optimal'] ? 'yes' : 'no', $answer['did']['parts'], $answer['did']['megabytes'],
            ];
        }
        $this->table(['units x systems x periods', 'conflicts', 's', 'cost', '% below alone', 'gap, %', 'proven', 'parts', 'MB'], $rows);
    }

    /** Coverage of the 10 to 90 % bands, which should be 80 %; sampling alone moves a share by 1.8 %. */
    private function calibration(): void
    {
        $this->line('Calibration: '.Trial::FISH.' invented fish a row, in percent. Wander of growth time and spread of the pace: in truth.');
        $percent = fn (?float $share): string => $share === null ? '' : number_format(100 * $share, 1);
        $rows = [];
        foreach ($this->trials() as $trial) {
            $result = $trial->run();
            $rows[] = [
                $trial->lengths, $trial->withSeasons ? 'pond' : 'steady', $percent($trial->slipShare), $trial->wander, $trial->spread,
                $percent($result->lengthInside), $percent($result->lengthBelow), $percent($result->lengthAbove),
                $percent($result->dateTransform), $percent($result->dateInside),
            ];
        }
        $this->table(['lengths', 'water', 'slips', 'wander', 'spread', 'length in band', 'below', 'above', 'date transform', 'date in band'], $rows);
    }

    /** The same for real animals and plants, each set as one facility. */
    private function series(): void
    {
        $this->line('Measured series: the first half of the lengths of each animal, or so many, held against the later ones.');
        $rows = [];
        foreach ([null, 3, 4, 5] as $known) {
            $all = new SeriesResult;
            foreach (MeasuredSeries::cases() as $series) {
                $result = (new SeriesTrial($series, $known))->run();
                $all->join($result);
                $rows[] = self::held($known, $series->value, $result);
            }
            $rows[] = self::held($known, 'all', $all);
        }
        $this->table(['known', 'series', 'forecasts', 'in band, %', 'width, %', 'pinball loss x 100'], $rows);
    }

    /** @return list<string|int> */
    private static function held(?int $known, string $series, SeriesResult $result): array
    {
        return [$known ?? 'half', $series, $result->forecasts, ...array_map(fn (float $share): string => number_format(100 * $share, 1), [$result->coverage(), $result->meanWidth()]), number_format(100 * $result->loss(), 2)];
    }

    /** @return list<Trial> */
    private function trials(): array
    {
        $trials = [];
        foreach ([[false, 0.0, 0.03, 0.0], [false, 0.05, 0.03, 0.0], [true, 0.0, 0.03, 0.0], [false, 0.05, 0.03, 0.2], [false, 0.05, 0.03, 0.4]] as [$seasons, $slips, $wander, $spread]) {
            foreach ([0, 1, 2, 3, 6] as $lengths) {
                $trials[] = new Trial($lengths, $seasons, $slips, $wander, $spread);
            }
        }

        return $trials;
    }

    private function referenceLoop(): void
    {
        $sum = 0.0;
        for ($i = 0; $i < self::REFERENCE_STEPS; $i++) {
            $sum += exp(-$i / self::REFERENCE_STEPS);
        }
    }

    /** From its lengths to the dates at which it outgrows its home. */
    private function project(Facility $facility, int $draws): void
    {
        $fish = $facility->fish['fish-0'];
        $prior = GrowthPrior::ofSpecies($fish->species);
        $measured = MeasuredGrowth::of($fish, $fish->species, $prior, new FacilityClocks($facility));
        $drawn = (new FishFit(GrowthCurves::named($fish->species->curve), $prior, draws: $draws))->fit($measured->observations);
        $times = WeightedQuantiles::of($drawn->timesUntil(self::LIMIT_MM, $measured->past->endTime()), $drawn->weight);
        array_map($times->at(...), [0.1, 0.5, 0.9]);
    }

    private function fit(): void
    {
        (new CurveFitter(AgeCurve::VonBertalanffy))->fit(self::AGES, self::LENGTHS);
    }

    private function briefs(Facility $facility, FacilityPace $pace, ProjectionCache $answers): void
    {
        $growth = new FacilityGrowth($facility, $pace);
        $surroundings = hash('xxh128', serialize([$facility->date, $facility->rulebook, $facility->systems]));
        foreach ($facility->fish as $fish) {
            $answers->of(
                $surroundings,
                'brief',
                [$fish, $growth->kinOf($fish, $fish->species)],
                fn (): FishBrief => FishBrief::of($facility, FishOutlook::of($growth, $fish)),
            );
        }
        $answers->keep();
    }

    /** @return array{string, float, string} every two of many fish, from lengths that are known */
    private function grid(): array
    {
        $facility = LargeFacility::of($this->option('quick') ? 40 : 150, 20, 4);
        $growth = new FacilityGrowth($facility);
        $ahead = array_map(fn (Fish $fish): LengthsAhead => LengthsAhead::of($facility, $growth->projectionOf($fish)), $facility->fish);
        $fish = array_values($facility->fish);
        $pairs = intdiv(count($fish) * (count($fish) - 1), 2);

        return [number_format($pairs).' pairs of '.count($fish).' fish, with dates, from their lengths', $this->milliseconds(3, fn () => CompanyGrid::of($facility, $fish, fn (Fish $one): LengthsAhead => $ahead[$one->key])), $this->option('quick') ? '' : '300'];
    }

    /** @return array{string, float, string} a system whose keeper writes everything down */
    private function aggression(): array
    {
        $acts = $this->option('quick') ? 2_000 : 20_000;
        [$home, $came, $today] = InventedAggression::of($acts);

        return [number_format($acts).' incidents of one system: rank, rates, lights, before and after, cases', $this->milliseconds(3, fn () => Aggression::of($home, $came, LightSchedule::of('08:00', '20:00', '22:00', false), new Rulebook, $today)), $this->option('quick') ? '' : '100'];
    }

    private function chains(Facility $facility): void
    {
        $growth = new FacilityGrowth($facility);
        $projections = array_map($growth->projectionOf(...), $facility->fish);
        $whereabouts = new Whereabouts($facility, []);
        $ahead = [];
        $residents = Residents::of($whereabouts, function (Fish $fish) use ($facility, $projections, &$ahead): LengthsAhead {
            return $ahead[$fish->key] ??= LengthsAhead::of($facility, $projections[$fish->key]);
        });
        foreach ($facility->fish as $fish) {
            (new HomeSearch($facility, $projections[$fish->key], $fish, $residents))->findFrom($facility->systems[$fish->currentSystem()], [], $whereabouts);
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

    /** Milliseconds in which all but the slowest twentieth are done. */
    private function ninetyFifth(Closure $work): float
    {
        $times = [];
        for ($i = 0; $i <= self::RUNS_OF_A_PAGE; $i++) {
            // Behind a server none has the one before to clear away.
            gc_collect_cycles();
            $start = hrtime(true);
            $work();
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        // The first has the page worked out.
        array_shift($times);
        sort($times);

        return $times[(int) ceil(0.95 * self::RUNS_OF_A_PAGE) - 1];
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
