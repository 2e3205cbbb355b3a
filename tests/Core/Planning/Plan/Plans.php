<?php

declare(strict_types=1);

namespace Tests\Core\Planning\Plan;

use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Placement\Budget;
use Biomegas\Planning\HomesAhead\HomeToBuild;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Planning\Plan\Decision;
use Biomegas\Planning\Plan\Lodger;
use Biomegas\Planning\Plan\Plan;
use Biomegas\Planning\Plan\Planner;
use Biomegas\Planning\Plan\Question;

/** Plans for a facility, with everything that they need. */
final readonly class Plans
{
    /** @var array<string, Lodger> by fish */
    public array $lodgers;

    public Planner $planner;

    public function __construct(public Facility $facility)
    {
        $growth = new FacilityGrowth($facility);
        $this->lodgers = array_map(function (Fish $fish) use ($facility, $growth): Lodger {
            $projection = $growth->projectionOf($fish);

            return new Lodger($facility, $fish, $projection, LengthsAhead::of($facility, $projection));
        }, $facility->fish);
        $this->planner = new Planner($facility, $this->lodgers, fn (HomeToBuild $home): string => "new {$home->kind->value}");
    }

    public function decide(Question $question = new Question, float $seconds = 5.0): Decision
    {
        $from = hrtime(true);

        return $this->planner->decide($question, new Budget($seconds, fn (): float => (hrtime(true) - $from) / 1e9));
    }

    public function plan(Question $question = new Question, float $seconds = 5.0): Plan
    {
        return $this->planner->describe($this->decide($question, $seconds), $question->fixed);
    }
}
