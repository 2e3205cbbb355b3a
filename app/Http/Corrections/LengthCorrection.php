<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Facility\FacilityReader;
use App\Facility\TenthMm;
use App\Http\Problems;
use App\Http\Requests\MeasurementRequest;
use App\Models\FacilitySettings;
use App\Models\Measurement;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Finding\Finding;
use Biomegas\Growth\LengthReview;
use Biomegas\Measure\Units;
use Biomegas\Rulebook\Method;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Exceptions\HttpResponseException;

/** @extends ColumnCorrection<Measurement> */
final readonly class LengthCorrection extends ColumnCorrection
{
    public function __construct(private FacilityReader $reader)
    {
    }

    public function fields(Model $entry): array
    {
        $fields = [
            EntryField::of('length', Finding::of('log.field_length'), FieldType::Text, self::typed($entry->length_tenth_mm, FacilitySettings::query()->firstOrFail()->units())),
            EntryField::day($entry->date),
            EntryField::enum('method', Finding::of('log.field_method'), $entry->method, Method::cases()),
            EntryField::enum('length_kind', Finding::of('log.field_length_kind'), $entry->length_kind, LengthKind::cases(), mayBeEmpty: true),
        ];

        return $entry->sample === 1 ? $fields : [
            ...$fields,
            EntryField::of('sample', Finding::of('log.field_sample'), FieldType::Whole, $entry->sample),
            EntryField::of('spread_mm', Finding::of('log.field_spread'), FieldType::Decimal, TenthMm::toMm($entry->spread_tenth_mm)),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        $kept = $this->reader->read($entry->fish_id);
        $request = $body->as(MeasurementRequest::class);
        $measured = $request->measured($kept->units);
        $review = LengthReview::of($kept->growth, $kept->fish($entry->fish_id), $measured);
        if ($review->question !== null && ! $request->boolean('keep')) {
            throw new HttpResponseException(Problems::questionAbout('length', $review));
        }

        return [...self::corrected($measured), 'version' => $entry->version + 1];
    }

    /**
     * One that was not read from its picture after all has not the error of that reading.
     *
     * @return array<string, int|string|null>
     */
    public static function corrected(MeasuredLength $entry): array
    {
        return $entry->method === Method::Picture ? self::of($entry) : [...self::of($entry), 'own_error' => null, 'picture_id' => null];
    }

    /** @return array<string, int|string|null> */
    public static function of(MeasuredLength $entry): array
    {
        return [
            'date' => $entry->date->toIso(),
            'length_tenth_mm' => TenthMm::of($entry->length->millimetres()),
            'method' => $entry->method->value,
            'length_kind' => $entry->lengthKind?->value,
            'sample' => $entry->sample,
            'spread_tenth_mm' => TenthMm::of($entry->spreadMm),
        ];
    }

    /** In the unit of the facility, with as many decimals as it takes to read back to the same. */
    private static function typed(int $tenthMm, Units $units): string
    {
        $unit = $units->length->lengthUnit();
        $value = (float) TenthMm::toMm($tenthMm) / $unit->millimetres();
        $decimals = 1;
        while ($decimals < 4 && TenthMm::of(round($value, $decimals) * $unit->millimetres()) !== $tenthMm) {
            $decimals++;
        }

        return number_format($value, $decimals, '.', '')." {$unit->value}";
    }
}
