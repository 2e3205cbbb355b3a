<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Facility\Watches;
use App\Http\Resources\FieldOption;
use App\Language\Messages;
use App\Models\Watch;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/** @implements Correction<Watch> */
final readonly class WatchCorrection implements Correction
{
    private const GOES_ON = '';

    public function fields(Model $entry): array
    {
        $says = Messages::ofFacility();

        return [EntryField::choice('ended', Finding::of('log.field_ended'), $entry->ended, [
            new FieldOption(self::GOES_ON, $says->say(Finding::of('log.watch_goes_on'))),
            new FieldOption('settled', $says->say(Finding::of('log.watch_has_settled'))),
            new FieldOption('taken-out', $says->say(Finding::of('log.watch_was_taken_out'))),
        ])];
    }

    public function apply(Model $entry, EntryBody $body): void
    {
        $ended = $body->validated(['ended' => ['nullable', 'in:settled,taken-out']])['ended'] ?? null;
        if ($ended === null && Watch::query()->whereKeyNot($entry->id)->where('fish_id', $entry->fish_id)->whereNull('ended')->exists()) {
            throw InvalidEntry::because('ended', Finding::of('entry.watched_already', fish: (string) DB::table('fish')->where('id', $entry->fish_id)->value('name')));
        }
        $entry->update(['ended' => $ended, 'ended_at' => $ended === null ? null : $entry->ended_at ?? Watches::now()->toIso()]);
    }
}
