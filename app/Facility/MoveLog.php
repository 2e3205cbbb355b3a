<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Fish;
use App\Models\Move;
use App\Models\Quarantine;
use App\Models\Stay;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Moving\MadeMove;

/** Keeps the stays of a fish in step with its moves. */
final readonly class MoveLog
{
    public function record(Fish $fish, MadeMove $made, ?int $userId): Move
    {
        $move = Move::query()->create([
            'fish_id' => $fish->id,
            'date' => $made->date->toIso(),
            'from_system_id' => Keys::id($made->from),
            'to_system_id' => Keys::id($made->to),
            'user_id' => $userId,
        ]);
        $fish->stays()->whereNull('until')->update(['until' => $made->date->toIso()]);
        $fish->stays()->create(['system_id' => Keys::id($made->to), 'from' => $made->date->toIso(), 'move_id' => $move->id]);

        Quarantine::query()->where('fish_id', $fish->id)->whereNull('released_on')->where('from', '<', $made->date->toIso())->update(['released_on' => $made->date->toIso(), 'ended_by_move_id' => $move->id]);

        return $move;
    }

    /** @throws InvalidEntry when the fish has moved on since */
    public function undo(Move $move): void
    {
        if ($move->sheetEntry()->exists()) {
            throw InvalidEntry::because('move', Finding::of('entry.move_of_a_sheet'));
        }
        $stay = Stay::query()->where('move_id', $move->id)->firstOrFail();
        if ($stay->until !== null) {
            throw InvalidEntry::because('move', Finding::of('entry.moved_again'));
        }
        if ($this->hasNewQuarantine($move)) {
            throw InvalidEntry::because('move', Finding::of('entry.quarantine_since'));
        }
        Quarantine::query()->where('ended_by_move_id', $move->id)->update(['released_on' => null, 'ended_by_move_id' => null]);
        $stay->delete();
        Stay::query()->where('fish_id', $move->fish_id)->orderByDesc('from')->orderByDesc('id')->firstOrFail()->update(['until' => null]);
        $move->delete();
    }

    /** One that it ended would be taken up again beside another. */
    public function hasNewQuarantine(Move $move): bool
    {
        return Quarantine::query()->where('ended_by_move_id', $move->id)->exists()
            && Quarantine::query()->where('fish_id', $move->fish_id)->whereNull('released_on')->exists();
    }
}
