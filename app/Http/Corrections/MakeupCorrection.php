<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Facility\FacilityReader;
use App\Facility\Makeups;
use App\Http\Requests\MakeupRequest;
use App\Models\Makeup as Written;
use Biomegas\Facility\Group\Makeup;
use Biomegas\Facility\LoggedDay;
use Biomegas\Finding\Finding;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<Written> */
final readonly class MakeupCorrection extends ColumnCorrection
{
    public function __construct(private FacilityReader $reader)
    {
    }

    public function fields(Model $entry): array
    {
        return [
            EntryField::of('males', Finding::of('log.field_males'), FieldType::Whole, $entry->males),
            EntryField::of('females', Finding::of('log.field_females'), FieldType::Whole, $entry->females),
            EntryField::day($entry->date),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        $request = $body->as(MakeupRequest::class);
        $kept = $this->reader->read($entry->fish_id);
        LoggedDay::check($request->day(), $kept->fish($entry->fish_id), $kept->facility->date);
        $makeup = Makeup::of($request->day(), $entry->count, $request->integer('males'), $request->integer('females'), Makeups::sizes($entry->sizes));

        return ['date' => $makeup->date->toIso(), 'males' => $makeup->males, 'females' => $makeup->females];
    }
}
