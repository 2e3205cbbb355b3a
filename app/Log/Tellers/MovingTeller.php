<?php

declare(strict_types=1);

namespace App\Log\Tellers;

use App\Log\LogKind;
use App\Log\Names;
use App\Models\Move;
use App\Models\Quarantine;
use App\Models\Watch;
use App\Models\WatchCheck;
use App\Models\WatchIntervention;
use Biomegas\Finding\Finding;
use Biomegas\Moving\Watch\CheckItem;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/** Moves, and the close look at whoever moved or came. */
final readonly class MovingTeller
{
    public function __construct(private Names $names)
    {
    }

    public function tell(LogKind $kind, Model $entry): Finding
    {
        return match (true) {
            $entry instanceof Move => Finding::of('log.move', fish: $this->names->fish($entry->fish_id), from: $this->names->system($entry->from_system_id), to: $this->names->system($entry->to_system_id)),
            $entry instanceof Quarantine => $kind === LogKind::Release ? Finding::of('log.released', fish: $this->names->fish($entry->fish_id)) : Finding::of('log.quarantine', fish: $this->names->fish($entry->fish_id), days: $entry->days),
            $entry instanceof Watch => $this->watch($kind, $entry),
            $entry instanceof WatchCheck => $this->check($entry),
            $entry instanceof WatchIntervention => $this->intervention($entry),
            default => throw new LogicException('No move.'),
        };
    }

    private function watch(LogKind $kind, Watch $watch): Finding
    {
        $fish = $this->names->fish($watch->fish_id);
        if ($kind === LogKind::Watch) {
            return Finding::of('log.watch', fish: $fish, system: $this->names->system($watch->system_id));
        }

        return match ($watch->ended) {
            'settled' => Finding::of('log.watch_settled', fish: $fish),
            'taken-out' => Finding::of('log.watch_taken_out', fish: $fish),
            default => Finding::of('log.watch_ended', fish: $fish),
        };
    }

    private function check(WatchCheck $check): Finding
    {
        $fish = $this->names->fish((int) Watch::withTrashed()->whereKey($check->watch_id)->value('fish_id'));
        $told = match (true) {
            $check->troubles !== [] => Finding::of('log.check_trouble', fish: $fish, troubles: array_map(CheckItem::from(...), $check->troubles)),
            $check->has_eaten => Finding::of('log.check_eats', fish: $fish),
            default => Finding::of('log.check_well', fish: $fish),
        };
        if ($check->chased_by_id !== null) {
            $told = Finding::of('log.check_chased', what: $told, other: $this->names->fish($check->chased_by_id));
        }
        if ($check->chases_id !== null) {
            $told = Finding::of('log.check_chases', what: $told, other: $this->names->fish($check->chases_id));
        }

        return $check->note === null ? $told : Finding::of('log.because', what: $told, cause: $check->note);
    }

    private function intervention(WatchIntervention $intervention): Finding
    {
        $fish = $this->names->fish((int) Watch::withTrashed()->whereKey($intervention->watch_id)->value('fish_id'));

        return $intervention->success === null
            ? Finding::of('log.tried_for', fish: $fish, intervention: $intervention->intervention)
            : Finding::of('log.tried_for_judged', fish: $fish, intervention: $intervention->intervention, success: $intervention->success);
    }
}
