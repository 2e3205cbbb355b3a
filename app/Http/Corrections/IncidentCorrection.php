<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Facility\FacilityReader;
use App\Http\Requests\IncidentRequest;
use App\Models\Incident;
use Biomegas\Company\Act;
use Biomegas\Company\Aggression\Occasion;
use Biomegas\Company\Harm;
use Biomegas\Company\Incident as IncidentInCompany;
use Biomegas\Finding\Finding;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<Incident> */
final readonly class IncidentCorrection extends ColumnCorrection
{
    public function __construct(private FacilityReader $reader)
    {
    }

    public function fields(Model $entry): array
    {
        return [
            EntryField::enum('act', Finding::of('log.field_act'), $entry->act, Act::cases()),
            EntryField::enum('harm', Finding::of('log.field_harm'), $entry->harm, Harm::cases()),
            EntryField::day($entry->date),
            EntryField::time($entry->time),
            EntryField::choices('occasions', Finding::of('log.field_occasions'), $entry->occasions, Occasion::cases()),
        ];
    }

    /** With those that it led. */
    public function apply(Model $entry, EntryBody $body): void
    {
        parent::apply($entry, $body);
        Incident::query()->where('first_id', $entry->id)->get()->each->update($entry->only(['date', 'time', 'act', 'harm', 'occasions']));
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        $request = $body->with(['actor_id' => $entry->fish_id, 'target_id' => $entry->target_id])->as(IncidentRequest::class);
        [$actor, $target] = [$this->reader->read($entry->fish_id)->fish($entry->fish_id), $this->reader->read($entry->target_id)->fish($entry->target_id)];
        $seen = IncidentInCompany::record($actor, $target, Act::from($request->string('act')->value()), Harm::from($request->string('harm')->value()), $request->day(), $this->reader->read()->facility->date);

        return ['date' => $seen->date->toIso(), 'time' => $request->input('time'), 'act' => $seen->act->value, 'harm' => $seen->harm->value, 'occasions' => $request->input('occasions', [])];
    }
}
