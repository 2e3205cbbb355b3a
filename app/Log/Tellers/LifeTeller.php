<?php

declare(strict_types=1);

namespace App\Log\Tellers;

use App\Log\Names;
use App\Models\Brood;
use App\Models\Fish;
use App\Models\Loss;
use App\Models\RationChange;
use App\Models\ShoalJoin;
use App\Models\ShoalSplit;
use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/** How fish came, were fed, bred, parted and were lost. */
final readonly class LifeTeller
{
    public function __construct(private Names $names)
    {
    }

    public function tell(Model $entry): Finding
    {
        return match (true) {
            $entry instanceof Loss => $this->loss($entry),
            $entry instanceof Fish => $this->arrival($entry),
            $entry instanceof ShoalSplit => Finding::of('log.parted', one: $this->names->fish($entry->to_fish_id), shoal: $this->names->fish($entry->from_fish_id)),
            $entry instanceof ShoalJoin => Finding::of('log.joined', one: $this->names->fish($entry->fish_id), shoal: $this->names->fish($entry->into_fish_id)),
            $entry instanceof Brood => $this->brood($entry),
            $entry instanceof RationChange => Finding::of('log.fed', fish: $this->names->fish($entry->fish_id), ration: $entry->ration),
            default => throw new LogicException('No life.'),
        };
    }

    private function arrival(Fish $fish): Finding
    {
        $species = $this->names->species($fish->species_id);

        return $fish->count > 1 ? Finding::of('log.came_many', fish: $fish->name, n: $fish->count, species: $species) : Finding::of('log.came', fish: $fish->name, species: $species);
    }

    private function brood(Brood $brood): Finding
    {
        $told = Finding::of('log.brood', fish: $this->names->fish($brood->fish_id), sign: $brood->sign);

        return $brood->outcome === null ? $told : Finding::of('log.brood_ended', what: $told, outcome: match ($brood->outcome) {
            'raised' => Finding::of('log.outcome_raised'),
            'lost' => Finding::of('log.outcome_lost'),
            default => Finding::of('log.outcome_left'),
        });
    }

    /** With what is known besides: of whom, by whom, since when, why, and what was learnt. */
    private function loss(Loss $loss): Finding
    {
        [$fish, $how] = [$this->names->fish($loss->fish_id), $loss->kind];
        $told = $loss->count > 1 ? Finding::of('log.losses', fish: $fish, n: $loss->count, kind: $how) : Finding::of('log.loss', fish: $fish, kind: $how);
        if ($loss->sex !== null) {
            $told = Finding::of('log.lost_of', what: $told, sex: $loss->sex);
        }
        if ($loss->eaten_by_id !== null) {
            $told = Finding::of('log.eaten_by', what: $told, other: $this->names->fish($loss->eaten_by_id));
        }
        if ($loss->last_seen !== null) {
            $told = Finding::of('log.last_seen', what: $told, day: LocalDate::fromIso($loss->last_seen));
        }
        if ($loss->cause !== null) {
            $told = Finding::of('log.because', what: $told, cause: $loss->cause);
        }

        return $loss->lesson === null ? $told : Finding::of('log.learnt', what: $told, lesson: $loss->lesson);
    }
}
