<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Http\Requests\WaterWorkRequest;
use App\Http\Resources\FieldOption;
use App\Language\Messages;
use App\Models\WaterWork;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Water\Nitrification\FilterCare;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<WaterWork> */
final readonly class WorkCorrection extends ColumnCorrection
{
    private const PERCENT = 100;

    public function fields(Model $entry): array
    {
        $says = Messages::ofFacility();
        $options = array_map(fn (string $kind): FieldOption => new FieldOption($kind, $kind === WaterWorkRequest::CHANGE ? $says->say(Finding::of('log.a_water_change')) : $says->label(FilterCare::from($kind))), WaterWorkRequest::kinds());

        return [
            EntryField::choice('kind', Finding::of('log.field_work'), $entry->kind, $options),
            EntryField::of('percent', Finding::of('log.field_percent'), FieldType::Decimal, $entry->share === null ? null : round(self::PERCENT * $entry->share, 4)),
            EntryField::day($entry->date),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        return self::checked($body->as(WaterWorkRequest::class));
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidEntry
     */
    public static function checked(WaterWorkRequest $request): array
    {
        EntryDay::notToCome($request->day());

        return [
            'date' => $request->day()->toIso(), 'kind' => $request->input('kind'),
            'share' => $request->input('kind') === WaterWorkRequest::CHANGE ? $request->float('percent') / self::PERCENT : null,
        ];
    }
}
