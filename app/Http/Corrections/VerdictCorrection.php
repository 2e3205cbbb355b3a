<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Http\Requests\PairVerdictRequest;
use App\Models\PairVerdict;
use Biomegas\Finding\Finding;
use Biomegas\Rulebook\PairVerdict as Verdict;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<PairVerdict> */
final readonly class VerdictCorrection extends ColumnCorrection
{
    public function fields(Model $entry): array
    {
        return [
            EntryField::enum('verdict', Finding::of('log.field_verdict'), $entry->verdict, Verdict::cases()),
            EntryField::of('reason', Finding::of('log.field_reason'), FieldType::Text, $entry->reason),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        $request = $body->with(['one_id' => $entry->fish_id, 'other_id' => $entry->other_id])->as(PairVerdictRequest::class);

        return ['verdict' => $request->input('verdict'), 'reason' => $request->input('reason')];
    }
}
