<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\RationChange;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Rulebook\Ration;

/** Keeps the dated changes of what a fish is fed: at most one a day, and none that changes nothing. */
final readonly class RationLog
{
    public function feedFrom(LocalDate $day, Fish $fish, Ration $ration): void
    {
        $of = ['fish_id' => Keys::id($fish->key), 'from' => $day->toIso()];
        if ($fish->rationOn($day->plusDays(-1)) === $ration) {
            RationChange::query()->where($of)->delete();
        } else {
            RationChange::query()->updateOrCreate($of, ['ration' => $ration->value]);
        }
    }
}
