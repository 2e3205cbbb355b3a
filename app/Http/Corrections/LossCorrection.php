<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Facility\FacilityReader;
use App\Http\Requests\LossRequest;
use App\Http\Resources\FieldOption;
use App\Language\Messages;
use App\Models\Fish;
use App\Models\Loss;
use Biomegas\Facility\Fish as Living;
use Biomegas\Facility\LoggedDay;
use Biomegas\Facility\Sex;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Losses\HeadCount;
use Biomegas\Losses\LossKind;
use Biomegas\Losses\LossStory;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<Loss> */
final readonly class LossCorrection extends ColumnCorrection
{
    public function __construct(private FacilityReader $reader)
    {
    }

    public function fields(Model $entry): array
    {
        $fish = Fish::query()->findOrFail($entry->fish_id);

        return [
            EntryField::enum('kind', Finding::of('log.field_how'), $entry->kind, LossKind::cases()),
            EntryField::day($entry->date),
            EntryField::of('last_seen', Finding::of('log.field_last_seen'), FieldType::Day, $entry->last_seen),
            ...($fish->count > 1 ? [EntryField::of('count', Finding::of('log.field_lost'), FieldType::Whole, $entry->count), EntryField::enum('sex', Finding::of('log.field_sex'), $entry->sex, Sex::cases(), mayBeEmpty: true)] : []),
            EntryField::choice('eaten_by', Finding::of('log.field_eaten_by'), $entry->eaten_by_id, $this->others($entry->fish_id, $entry->eaten_by_id)),
            EntryField::of('cause', Finding::of('log.field_cause'), FieldType::Text, $entry->cause),
            EntryField::of('lesson', Finding::of('log.field_lesson'), FieldType::Text, $entry->lesson),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        $eater = $body->text('eaten_by');

        return $this->checked($body->with(['eaten_by_id' => $eater === '' ? null : (int) $eater])->as(LossRequest::class), Fish::query()->findOrFail($entry->fish_id));
    }

    /**
     * @return array<string, mixed> columns of a loss that can have happened
     *
     * @throws InvalidEntry
     */
    public function checked(LossRequest $request, Fish $fish): array
    {
        $kept = $this->reader->read($fish->id);
        $inPicture = $kept->fish($fish->id);
        $lost = $request->integer('count', 1);
        LoggedDay::check($request->day(), $inPicture, $kept->facility->date);
        HeadCount::checkLoss($fish->name, $kept->kept($inPicture)->present, $lost);
        LossStory::checkWindow($inPicture, $request->lastSeen(), $request->day(), $kept->facility->date);
        if ($request->input('eaten_by_id') !== null) {
            $eater = $kept->find($request->integer('eaten_by_id')) ?? throw InvalidEntry::because('eaten_by_id', Finding::of('entry.no_such_fish'));
            LossStory::checkEater($inPicture, $eater, $request->lastSeen(), $request->day());
        }

        return [
            'date' => $request->day()->toIso(),
            'kind' => $request->input('kind'),
            'count' => $lost,
            'sex' => $request->input('sex'),
            'eaten_by_id' => $request->input('eaten_by_id'),
            'last_seen' => $request->lastSeen()?->toIso(),
            'lesson' => $request->input('lesson'),
            'cause' => $request->input('cause'),
        ];
    }

    /** @return list<FieldOption> */
    private function others(int $fishId, ?int $eaterId): array
    {
        $kept = $this->reader->read($eaterId);
        $options = [new FieldOption('', Messages::ofFacility()->say(Finding::of('log.field_none')))];
        foreach ($kept->facility->fish as $other) {
            if ($kept->kept($other)->id !== $fishId) {
                $options[] = self::option($kept->kept($other)->id, $other);
            }
        }

        return $options;
    }

    private static function option(int $id, Living $fish): FieldOption
    {
        return new FieldOption((string) $id, $fish->name);
    }
}
