<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Language\Messages;
use App\Scenario\InputFile;
use App\Scenario\InvalidDocument;
use App\Scenario\ScenarioReader;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Finding\Finding;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnitSystem;
use Biomegas\Placement\Budget;
use Biomegas\Planning\HomesAhead\HomeToBuild;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Planning\Plan\Breach;
use Biomegas\Planning\Plan\Decision;
use Biomegas\Planning\Plan\Lodger;
use Biomegas\Planning\Plan\Plan;
use Biomegas\Planning\Plan\PlanMove;
use Biomegas\Planning\Plan\Planner;
use Biomegas\Planning\Plan\PlanOpening;
use Biomegas\Planning\Plan\Question;
use Illuminate\Console\Command;

/** Plans for a scenario who goes where and when, and what to open by when. */
final class PlanCommand extends Command
{
    use ReadsInput;
    use RunsCompiled;

    private const MOST_SECONDS = 3600;

    protected $signature = 'biomegas:plan {file? : scenario file, or - for standard input}
        {--seconds=10 : time for the best plan and its proof}
        {--seed=1 : the same seed gives the same plan unless the time cuts it short}
        {--json : print JSON, as always}';

    protected $description = 'Plan who of a scenario goes where and when, and what to open by when';

    public function handle(): int
    {
        if ($this->runsCompiled() || $this->cannotRunCompiled()) {
            return $this->answer($this->solve(...));
        }
        $input = $this->argument('file') === '-' ? (string) stream_get_contents(STDIN, InputFile::MOST_BYTES + 1) : null;

        return $this->runCompiled(PlaceCommand::COMPILER, ['biomegas:plan', ...array_filter([$this->argument('file')]), "--seconds={$this->option('seconds')}", "--seed={$this->option('seed')}"], $input);
    }

    /** @return array<string, mixed> */
    private function solve(): array
    {
        $seconds = $this->number('seconds', 0.01, self::MOST_SECONDS);
        $seed = (int) $this->number('seed', 0, PHP_INT_MAX);
        $from = hrtime(true);
        $facility = ScenarioReader::read(InputFile::named($this->argument('file')));
        foreach (['systems' => $facility->systems, 'fish' => $facility->fish] as $name => $list) {
            if ($list === []) {
                throw InvalidDocument::at($name, Finding::of('entry.nothing_to_plan'));
            }
        }
        $says = new Messages(Units::of(UnitSystem::Metric), app()->getLocale());
        $planner = new Planner($facility, $this->lodgers($facility), fn (HomeToBuild $home): string => $says->phrase($home->finding()));
        $plan = $planner->describe($planner->decide(new Question, new Budget($seconds, fn (): float => (hrtime(true) - $from) / 1e9), $seed));
        $nobodyMoves = $planner->describe(new Decision([], [], $plan->decision->horizon));

        return [...$this->answerOf($plan, $says), 'days_out_of_rule' => ['with' => $plan->daysOutOfRule(), 'without' => $nobodyMoves->daysOutOfRule()]];
    }

    /** @return array<string, Lodger> */
    private function lodgers(Facility $facility): array
    {
        $growth = new FacilityGrowth($facility, FacilityGrowth::paceOf($facility));

        return array_map(function (Fish $fish) use ($facility, $growth): Lodger {
            $projection = $growth->projectionOf($fish);

            return new Lodger($facility, $fish, $projection, LengthsAhead::of($facility, $projection));
        }, $facility->fish);
    }

    /** @return array<string, mixed> */
    private function answerOf(Plan $plan, Messages $says): array
    {
        return [
            'moves' => array_map(fn (PlanMove $move): array => [
                'fish' => $move->fish->key, 'from' => $move->from->key, 'to' => $move->to->key, 'date' => $move->on->toIso(),
                'window' => array_combine(['early', 'likely', 'late'], array_map(fn (?LocalDate $day): ?string => $day?->toIso(), $move->window)),
                'reasons' => array_map($says->say(...), $move->reasons),
                'prepare' => array_map(fn (array $step): array => ['step' => $says->say($step[0]), 'by' => $step[1]->toIso()], $move->prepare),
                'frees' => array_map(fn (Fish $fish): string => $fish->key, $move->frees),
                'through_tub' => $move->waitsInTub,
            ], $plan->moves),
            'openings' => array_map(fn (PlanOpening $opening): array => [
                'system' => $opening->system->key, 'name' => $opening->system->name, 'by' => $opening->by->toIso(),
                'latest_start' => $opening->latestStart->toIso(), 'price' => round($opening->price, 2), 'for' => array_map(fn (Fish $fish): string => $fish->key, $opening->for),
            ], $plan->openings),
            'unhoused' => array_map(fn (Breach $breach): array => [
                'fish' => $breach->fish->key, 'system' => $breach->system->key, 'from' => $breach->from->toIso(), 'until' => $breach->until->toIso(),
                'rule' => $breach->verdict->rule->value, 'because' => $says->say($breach->verdict->finding),
            ], $plan->breaches),
            'objective' => round($plan->decision->objective, 3),
            'bound' => round($plan->decision->bound, 3),
            'least_moves' => $plan->decision->leastMoves,
        ];
    }
}
