<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Http\Requests\AttemptRequest;
use App\Models\Attempt;
use App\Models\WatchIntervention;
use Biomegas\Finding\Finding;
use Biomegas\Moving\Watch\Intervention;
use Biomegas\Moving\Watch\Success;
use Illuminate\Database\Eloquent\Model;

/**
 * What was done against chasing, in a system or for a fish that is watched.
 *
 * @extends ColumnCorrection<Attempt|WatchIntervention>
 */
final readonly class AttemptCorrection extends ColumnCorrection
{
    public function fields(Model $entry): array
    {
        return [
            EntryField::enum('intervention', Finding::of('log.field_intervention'), $entry->intervention, Intervention::cases()),
            EntryField::enum('success', Finding::of('log.field_success'), $entry->success, Success::cases(), mayBeEmpty: true),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        $request = $body->as(AttemptRequest::class);

        return ['intervention' => $request->input('intervention'), 'success' => $request->input('success')];
    }
}
