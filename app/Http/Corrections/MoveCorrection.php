<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Facility\FacilityReader;
use App\Facility\Keys;
use App\Facility\MovesInPlace;
use App\Http\Requests\MoveRequest;
use App\Http\Resources\FieldOption;
use App\Models\Move;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Database\Eloquent\Model;

/** @implements Correction<Move> */
final readonly class MoveCorrection implements Correction
{
    public function __construct(private FacilityReader $reader, private MovesInPlace $moves)
    {
    }

    public function fields(Model $entry): array
    {
        $kept = $this->reader->read($entry->fish_id);
        $systems = [...$kept->facility->systems, ...array_filter($kept->facility->former, fn (System $former): bool => Keys::id($former->key) === $entry->to_system_id)];

        return [
            EntryField::choice('to', Finding::of('log.field_to'), $entry->to_system_id, array_map(fn (System $system): FieldOption => new FieldOption((string) Keys::id($system->key), $system->name), array_values($systems))),
            EntryField::day($entry->date),
        ];
    }

    public function apply(Model $entry, EntryBody $body): void
    {
        $request = $body->with(['to_system_id' => (int) $body->text('to')])->as(MoveRequest::class);
        $kept = $this->reader->read($entry->fish_id);
        $key = Keys::ofSystem($request->integer('to_system_id'));
        $to = $kept->facility->systems[$key] ?? $kept->facility->former[$key] ?? throw InvalidEntry::because('to', Finding::of('entry.no_such_home'));
        $this->moves->correct($entry, $to, $request->day());
    }
}
