<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Facility\FacilityReader;
use App\Http\Requests\NoteRequest;
use App\Models\FacilitySettings;
use App\Models\Note;
use Biomegas\Facility\LoggedDay;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<Note> */
final readonly class NoteCorrection extends ColumnCorrection
{
    public function __construct(private FacilityReader $reader)
    {
    }

    public function fields(Model $entry): array
    {
        return [
            EntryField::of('text', Finding::of('log.field_text'), FieldType::Long, $entry->text),
            EntryField::day($entry->date),
            EntryField::time($entry->time),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        return $this->checked($body->with(['fish_id' => $entry->fish_id, 'system_id' => $entry->system_id])->as(NoteRequest::class));
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidEntry
     */
    public function checked(NoteRequest $request): array
    {
        $fishId = $request->input('fish_id');
        if ($fishId !== null) {
            $kept = $this->reader->read((int) $fishId);
            LoggedDay::check($request->day(), $kept->fish((int) $fishId), $kept->facility->date);
        } elseif ($request->day()->isAfter(FacilityReader::today(FacilitySettings::query()->firstOrFail()))) {
            throw InvalidEntry::because('date', Finding::of('entry.day_to_come'));
        }

        return ['fish_id' => $fishId, 'system_id' => $request->input('system_id'), 'date' => $request->day()->toIso(), 'time' => $request->input('time'), 'text' => $request->string('text')->trim()->value()];
    }
}
