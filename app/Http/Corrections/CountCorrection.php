<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Facility\FacilityReader;
use App\Http\Requests\CountRequest;
use App\Models\Count;
use App\Models\Fish;
use Biomegas\Facility\LoggedDay;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Losses\CountCurve;
use Biomegas\Losses\CountKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/** @extends ColumnCorrection<Count> */
final readonly class CountCorrection extends ColumnCorrection
{
    public function __construct(private FacilityReader $reader)
    {
    }

    public function fields(Model $entry): array
    {
        return [
            EntryField::of('number', Finding::of('log.field_number'), FieldType::Whole, $entry->number),
            EntryField::enum('kind', Finding::of('log.field_count_kind'), $entry->kind, CountKind::cases()),
            EntryField::of('give_or_take', Finding::of('log.field_give_or_take'), FieldType::Whole, $entry->give_or_take),
            EntryField::day($entry->date),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        return $this->checked($body->as(CountRequest::class), Fish::query()->findOrFail($entry->fish_id));
    }

    /**
     * @return array<string, mixed> columns of a count that can be
     *
     * @throws InvalidEntry
     */
    public function checked(CountRequest $request, Fish $fish): array
    {
        $kept = $this->reader->read($fish->id);
        $shoal = $kept->fish($fish->id);
        LoggedDay::check($request->day(), $shoal, $kept->facility->date);
        $ever = $fish->count + (int) DB::table('shoal_joins')->whereNull('deleted_at')->where('into_fish_id', $fish->id)->sum('count');
        if (CountCurve::isTooMany($request->integer('number'), $ever, $shoal->purpose)) {
            throw InvalidEntry::because('number', Finding::of('losses.more_than_came', ever: $ever, fish: $fish->name));
        }

        return [
            'date' => $request->day()->toIso(),
            'kind' => $request->input('kind'),
            'number' => $request->integer('number'),
            'give_or_take' => $request->input('kind') === CountKind::Estimate->value ? $request->input('give_or_take') : null,
        ];
    }
}
