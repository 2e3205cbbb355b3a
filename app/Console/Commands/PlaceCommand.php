<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Scenario\InputFile;
use App\Scenario\JsonDocument;
use Biomegas\Placement\Budget;
use Biomegas\Placement\ProblemReader;
use Biomegas\Placement\Solver;
use Closure;
use Illuminate\Console\Command;

/** Solves a placement problem (docs/formats/placement.schema.json). */
final class PlaceCommand extends Command
{
    use ReadsInput;
    use RunsCompiled;

    private const MOST_SECONDS = 86_400;

    /** The tracing compiler of PHP 8.2 was seen to mistake array keys in this code; compiling by function it does not, and is as fast. */
    public const COMPILER = 'function';

    protected $signature = 'biomegas:place {file? : a placement problem, or - for standard input}
        {--seconds=10 : time for the best plan and its proof}
        {--seed=1 : the same seed gives the same plan unless the time cuts it short}
        {--progress : tell of every better plan and bound while it runs}
        {--json : print JSON, as always}';

    protected $description = 'Solve a placement problem: who lives where over time at the least cost, with a proven bound';

    public function handle(): int
    {
        if ($this->runsCompiled() || $this->cannotRunCompiled()) {
            return $this->answer($this->solve(...));
        }
        $arguments = ['biomegas:place', ...array_filter([$this->argument('file')]), "--seconds={$this->option('seconds')}", "--seed={$this->option('seed')}"];
        $input = $this->argument('file') === '-' ? (string) stream_get_contents(STDIN, InputFile::MOST_BYTES + 1) : null;

        return $this->runCompiled(self::COMPILER, [...$arguments, ...($this->option('progress') ? ['--progress'] : [])], $input);
    }

    /** @return array<string, mixed> */
    private function solve(): array
    {
        $seconds = $this->number('seconds', 0.01, self::MOST_SECONDS);
        $seed = (int) $this->number('seed', 0, PHP_INT_MAX);
        $from = hrtime(true);
        $file = InputFile::named($this->argument('file'));
        $problem = ProblemReader::read(JsonDocument::read(InputFile::read($file), $file, 'placement'));
        $elapsed = fn (): float => (hrtime(true) - $from) / 1e9;
        $solution = Solver::solve($problem, new Budget($seconds, $elapsed, $this->option('progress') ? $this->tell($elapsed(...)) : null), $seed);

        return [
            'objective' => round($solution->objective, 6),
            'bound' => round($solution->bound, 6),
            'proven_optimal' => $solution->isOptimal,
            'seconds' => round($elapsed(), 3),
            'did' => (object) [...$solution->did, 'megabytes' => (int) ceil(memory_get_peak_usage() / 1e6)],
            'assignments' => (object) $solution->assignments,
        ];
    }

    /**
     * @param  Closure(): float  $elapsed
     * @return Closure(string, float, float): void
     */
    private function tell(Closure $elapsed): Closure
    {
        return function (string $what, float $cost, float $bound) use ($elapsed): void {
            fwrite(STDERR, sprintf("%7.2f s  %-10s cost %.4f  bound %.4f\n", $elapsed(), $what, $cost, $bound));
        };
    }
}
