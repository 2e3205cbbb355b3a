<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Facility\FacilityReader;
use App\Http\Problems;
use App\Http\Requests\WaterTestRequest;
use App\Models\FacilitySettings;
use App\Models\WaterTest as Written;
use Biomegas\Finding\Finding;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\ValueDoubt;
use Biomegas\Water\Test\WaterTest;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Exceptions\HttpResponseException;

/** @extends ColumnCorrection<Written> */
final readonly class TestCorrection extends ColumnCorrection
{
    public function fields(Model $entry): array
    {
        return [
            ...array_map(fn (Quantity $quantity): EntryField => EntryField::of(
                $quantity->value,
                Finding::of('log.field_quantity', quantity: $quantity),
                FieldType::Text,
                isset($entry->values[$quantity->value]) ? trim("{$entry->values[$quantity->value]} {$quantity->unit()}") : '',
                "values.{$quantity->value}",
            ), Quantity::cases()),
            EntryField::of('note', Finding::of('log.field_note'), FieldType::Text, $entry->note),
            EntryField::day($entry->date),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        return self::checked($body->as(WaterTestRequest::class));
    }

    /**
     * @return array<string, mixed> columns of a test that can be
     *
     * @throws HttpResponseException when a value is so unlikely that it is asked about
     */
    public static function checked(WaterTestRequest $request): array
    {
        $settings = FacilitySettings::query()->firstOrFail();
        $test = WaterTest::record($request->day(), $request->values($settings->units()), FacilityReader::today($settings));
        $doubts = [];
        foreach ($test->values as $quantity => $value) {
            $doubt = ValueDoubt::about(Quantity::from($quantity), $value);
            if ($doubt !== null) {
                $doubts[$quantity] = $doubt;
            }
        }
        if ($doubts !== [] && ! $request->boolean('keep')) {
            throw new HttpResponseException(Problems::doubts($doubts));
        }

        return ['date' => $test->date->toIso(), 'values' => $test->values, 'note' => $request->input('note')];
    }
}
