<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use App\Models\System;
use Biomegas\Facility\Equipment\FilterMedia;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\Salinity;
use Biomegas\Facility\SystemKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['name', 'kind', 'pools'], description: 'A system as typed: sizes, volumes and temperatures with or without a unit.', properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'kind', type: 'string', enum: SystemKind::class),
    new OA\Property(property: 'walk_order', description: 'Its place on the round; absent: the last.', type: 'integer', nullable: true),
    new OA\Property(property: 'available_from', type: 'string', format: 'date', nullable: true),
    new OA\Property(property: 'pools', type: 'array', minItems: 1, items: new OA\Items(ref: '#/components/schemas/PoolForm')),
    new OA\Property(property: 'temperature', description: 'Set-point.', type: 'string', nullable: true),
    new OA\Property(property: 'months', description: 'In place of a set-point: the means of January to December.', type: 'array', items: new OA\Items(type: 'string'), nullable: true),
    new OA\Property(property: 'salinity', type: 'string', enum: Salinity::class, nullable: true),
    new OA\Property(property: 'ph', type: 'string', nullable: true),
    new OA\Property(property: 'gh', description: 'General hardness.', type: 'string', nullable: true),
    new OA\Property(property: 'fittings', type: 'array', items: new OA\Items(type: 'string', enum: Fitting::class)),
    new OA\Property(property: 'overflow_slot', type: 'string', nullable: true),
    new OA\Property(property: 'sump', type: 'string', nullable: true),
    new OA\Property(property: 'decor_floor', description: 'Per cent of the floor that rock and wood stand on.', type: 'string', nullable: true),
    new OA\Property(property: 'decor_litres', type: 'string', nullable: true),
    new OA\Property(property: 'decor_kilograms', type: 'string', nullable: true),
    new OA\Property(property: 'filter_media', type: 'string', nullable: true, enum: FilterMedia::class),
    new OA\Property(property: 'filter_litres', type: 'string', nullable: true),
    new OA\Property(property: 'turnover', description: 'In an hour.', type: 'string', nullable: true),
    new OA\Property(property: 'heater_watts', type: 'string', nullable: true),
    new OA\Property(property: 'light_on', type: 'string', nullable: true),
    new OA\Property(property: 'light_dim', type: 'string', nullable: true),
    new OA\Property(property: 'light_off', type: 'string', nullable: true),
    new OA\Property(property: 'light_window', type: 'boolean'),
    new OA\Property(property: 'weekly_change', description: 'Per cent.', type: 'string', nullable: true),
    new OA\Property(property: 'source', type: 'string', nullable: true),
    new OA\Property(property: 'substrate', type: 'string', nullable: true),
    new OA\Property(property: 'site', type: 'string', nullable: true),
    new OA\Property(property: 'opening_price', description: 'Of one that is still to be opened, in the facility\'s money.', type: 'string', nullable: true),
    new OA\Property(property: 'lead_days', description: 'From the decision to settled water.', type: 'string', nullable: true),
    new OA\Property(property: 'dividers', type: 'array', items: new OA\Items(ref: '#/components/schemas/DividerForm')),
    new OA\Property(property: 'version', description: 'With a change: the version that was changed.', type: 'integer'),
])]
#[OA\Schema(schema: 'PoolForm', required: ['type'], properties: [
    new OA\Property(property: 'type', type: 'string', enum: ['box', 'round', 'l', 'bow', 'outline']),
    new OA\Property(property: 'outside', type: 'boolean'),
    new OA\Property(property: 'glass', type: 'string', nullable: true),
    new OA\Property(property: 'length', type: 'string', nullable: true),
    new OA\Property(property: 'width', type: 'string', nullable: true),
    new OA\Property(property: 'depth', description: 'Of the water.', type: 'string', nullable: true),
    new OA\Property(property: 'diameter', type: 'string', nullable: true),
    new OA\Property(property: 'leg_length', type: 'string', nullable: true),
    new OA\Property(property: 'leg_width', type: 'string', nullable: true),
    new OA\Property(property: 'bow', type: 'string', nullable: true),
    new OA\Property(property: 'points', description: 'Corners in order, millimetres.', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'), minItems: 2, maxItems: 2), nullable: true),
])]
#[OA\Schema(schema: 'DividerForm', required: ['at', 'from'], properties: [
    new OA\Property(property: 'at', description: 'From the left end.', type: 'string'),
    new OA\Property(property: 'from', type: 'string', format: 'date'),
    new OA\Property(property: 'until', type: 'string', format: 'date', nullable: true),
])]
class SystemRequest extends FormRequest
{
    private const MOST_POINTS = 60;

    private const CLOCK = 'regex:/^([01]\d|2[0-3]):[0-5]\d$/';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $text = ['nullable', 'string', 'max:40'];
        $system = $this->route('system');

        return [
            'name' => ['required', 'string', 'max:60', Rule::unique('systems', 'name')->ignore($system instanceof System ? $system->id : null)],
            'kind' => ['required', Rule::enum(SystemKind::class)],
            'walk_order' => ['nullable', 'integer:strict', 'min:1', 'max:1000'],
            'available_from' => ['nullable', Day::any()],
            'pools' => ['required', 'array', 'list', 'min:1', 'max:20'],
            'pools.*.type' => ['required', 'in:box,round,l,bow,outline'],
            'pools.*.outside' => ['boolean:strict'],
            ...array_fill_keys(array_map(fn (string $size): string => "pools.*.{$size}", ['glass', 'length', 'width', 'depth', 'diameter', 'leg_length', 'leg_width', 'bow']), $text),
            'pools.*.points' => ['nullable', 'array', 'list', 'max:'.self::MOST_POINTS],
            'pools.*.points.*' => ['array', 'list', 'size:2'],
            'pools.*.points.*.*' => ['numeric:strict', 'between:-100000,100000'],
            'temperature' => $text,
            'months' => ['nullable', 'array', 'list', 'max:12'],
            'months.*' => $text,
            'salinity' => ['nullable', Rule::enum(Salinity::class)],
            'fittings' => ['array', 'list', 'max:20'],
            'fittings.*' => [Rule::enum(Fitting::class)],
            'filter_media' => ['nullable', Rule::enum(FilterMedia::class)],
            ...array_fill_keys(['ph', 'gh', 'overflow_slot', 'sump', 'decor_floor', 'decor_litres', 'decor_kilograms', 'filter_litres', 'turnover', 'heater_watts', 'weekly_change', 'opening_price', 'lead_days'], $text),
            ...array_fill_keys(['light_on', 'light_dim', 'light_off'], ['nullable', self::CLOCK]),
            'light_window' => ['boolean:strict'],
            ...array_fill_keys(['source', 'substrate', 'site'], ['nullable', 'string', 'max:200']),
            'dividers' => ['array', 'list', 'max:50'],
            'dividers.*.at' => ['required', ...array_slice($text, 1)],
            'dividers.*.from' => ['required', Day::any()],
            'dividers.*.until' => ['nullable', Day::after('from')],
            'version' => [$this->isMethod('PUT') ? 'required' : 'sometimes', 'integer:strict'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('system');
    }
}
