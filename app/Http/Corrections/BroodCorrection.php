<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Facility\FacilityReader;
use App\Http\Requests\BroodRequest;
use App\Models\Brood;
use Biomegas\Brood\Brood as BroodUnderWay;
use Biomegas\Brood\BroodSign;
use Biomegas\Brood\BroodStyle;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<Brood> */
final readonly class BroodCorrection extends ColumnCorrection
{
    public function __construct(private FacilityReader $reader)
    {
    }

    public function fields(Model $entry): array
    {
        return [
            EntryField::enum('style', Finding::of('log.field_style'), $entry->style, BroodStyle::cases()),
            EntryField::enum('sign', Finding::of('log.field_brood_sign'), $entry->sign, BroodSign::cases()),
            EntryField::of('place', Finding::of('log.field_place'), FieldType::Text, $entry->place),
            EntryField::day($entry->date),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        $columns = $this->checked($body->with(['mother_id' => $entry->fish_id, 'father_id' => $entry->father_id])->as(BroodRequest::class), $entry->system_id);

        return [...$columns, 'steps' => self::stepsAfter($entry, $columns)];
    }

    /**
     * Other days: what was ticked off the old ones says nothing of them.
     *
     * @param  array<string, mixed>  $columns
     * @return array<string, array{done?: bool, out?: bool, on?: string|null}>
     */
    public static function stepsAfter(Brood $brood, array $columns): array
    {
        return (clone $brood)->fill($columns)->isDirty(['style', 'sign', 'date']) ? [] : $brood->steps;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidEntry
     */
    public function checked(BroodRequest $request, int $systemId): array
    {
        [$mother, $father] = [$request->integer('mother_id'), $request->input('father_id') === null ? null : $request->integer('father_id')];
        $kept = $this->reader->read();
        BroodUnderWay::check(
            $kept->find($mother) ?? throw InvalidEntry::because('mother_id', Finding::of('entry.no_such_fish')),
            $father === null ? null : $kept->find($father) ?? throw InvalidEntry::because('father_id', Finding::of('entry.no_such_fish')),
            $kept->system($systemId)->key, $request->day(), $kept->facility->date,
        );

        return ['fish_id' => $mother, 'father_id' => $father, 'style' => $request->input('style'), 'sign' => $request->input('sign'), 'date' => $request->day()->toIso(), 'place' => $request->input('place')];
    }
}
