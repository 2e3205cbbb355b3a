<?php

declare(strict_types=1);

namespace App\Log\Tellers;

use App\Log\Names;
use App\Models\Attempt;
use App\Models\Incident;
use App\Models\PairVerdict;
use App\Models\Settlement;
use App\Models\WatchedSpan;
use Biomegas\Company\Aggression\Occasion;
use Biomegas\Company\Harm;
use Biomegas\Finding\Finding;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/** Who went for whom, and what was done and thought about it. */
final readonly class CompanyTeller
{
    public function __construct(private Names $names)
    {
    }

    public function tell(Model $entry): Finding
    {
        return match (true) {
            $entry instanceof Incident => $this->incident($entry),
            $entry instanceof Attempt => $this->attempt($entry),
            $entry instanceof Settlement => Finding::of('log.settled', fish: $this->names->fish($entry->fish_id)),
            $entry instanceof WatchedSpan => Finding::of('log.span', system: $this->names->system($entry->system_id), minutes: (int) $entry->minutes),
            $entry instanceof PairVerdict => Finding::of('log.verdict', one: $this->names->fish($entry->fish_id), other: $this->names->fish($entry->other_id), verdict: $entry->verdict, reason: $entry->reason),
            default => throw new LogicException('No company.'),
        };
    }

    private function incident(Incident $incident): Finding
    {
        [$actor, $target, $act] = [$this->names->fish($incident->fish_id), $this->names->fish($incident->target_id), $incident->act];
        $more = $incident->first_id === null ? Incident::withTrashed()->where('first_id', $incident->id)->count() : 0;
        $told = $more > 0
            ? Finding::of('log.incident_led', actor: $actor, act: $act, target: $target, more: $more)
            : Finding::of('log.incident', actor: $actor, act: $act, target: $target);
        if ($incident->harm !== Harm::None) {
            $told = Finding::of('log.harmed', what: $told, harm: $incident->harm);
        }
        $occasions = array_map(Occasion::from(...), $incident->occasions);

        return $occasions === [] ? $told : Finding::of('log.on_occasion', what: $told, occasions: $occasions);
    }

    private function attempt(Attempt $attempt): Finding
    {
        [$system, $intervention, $success] = [$this->names->system($attempt->system_id), $attempt->intervention, $attempt->success];

        return $success === null
            ? Finding::of('log.tried', system: $system, intervention: $intervention)
            : Finding::of('log.tried_judged', system: $system, intervention: $intervention, success: $success);
    }
}
