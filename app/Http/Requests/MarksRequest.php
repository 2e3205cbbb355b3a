<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Picture\Heading;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'MarkedPoint', description: 'Pixels of the full size, from its upper left corner.', required: ['x', 'y'], properties: [
    new OA\Property(property: 'x', type: 'number'),
    new OA\Property(property: 'y', type: 'number'),
])]
#[OA\Schema(required: ['view', 'scale', 'distance', 'depth', 'heading', 'lines'], properties: [
    new OA\Property(property: 'view', description: 'Through glass, or from above.', type: 'string', enum: ['glass', 'above']),
    new OA\Property(property: 'scale', description: 'Two marks of known distance: on the glass; from above on the rim, or on something that floats.', type: 'object', required: ['from', 'to', 'length'], properties: [
        new OA\Property(property: 'from', ref: '#/components/schemas/MarkedPoint'),
        new OA\Property(property: 'to', ref: '#/components/schemas/MarkedPoint'),
        new OA\Property(property: 'length', description: 'As typed.', type: 'string'),
    ]),
    new OA\Property(property: 'foot', description: 'Where the camera stands square to the pane; left out: the middle of the picture.', ref: '#/components/schemas/MarkedPoint', nullable: true),
    new OA\Property(property: 'distance', description: 'From the lens to the glass or the water: said, or found from something of known size farther back.', type: 'object', required: ['way'], properties: [
        new OA\Property(property: 'way', type: 'string', enum: ['measured', 'paced', 'guessed', 'seen']),
        new OA\Property(property: 'length', description: 'As typed; of what was seen how long it is.', type: 'string'),
        new OA\Property(property: 'from', ref: '#/components/schemas/MarkedPoint', nullable: true),
        new OA\Property(property: 'to', ref: '#/components/schemas/MarkedPoint', nullable: true),
        new OA\Property(property: 'depth', description: 'How far behind the glass it stands.', type: 'string', nullable: true),
    ]),
    new OA\Property(property: 'rim', description: 'From above: the height of the scale over the water, as typed; left out: it floats.', type: 'string', nullable: true),
    new OA\Property(property: 'glass', description: 'Thickness; left out: as its system says.', type: 'string', nullable: true),
    new OA\Property(property: 'room', description: 'From the glass to the wall behind, or the depth of the water; left out: as its system says.', type: 'string', nullable: true),
    new OA\Property(property: 'depth', description: 'Where the fish swims; "twice": marked in another picture from another distance.', type: 'string', enum: ['near', 'middle', 'back', 'unknown', 'twice']),
    new OA\Property(property: 'other', description: 'The other picture.', type: 'integer', nullable: true),
    new OA\Property(property: 'heading', type: 'string', enum: Heading::class),
    new OA\Property(property: 'lines', description: 'Along each fish, from the snout to the end of the tail.', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(ref: '#/components/schemas/MarkedPoint'))),
])]
final class MarksRequest extends FormRequest
{
    private const MOST_FISH = 60;

    private const MOST_POINTS = 24;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'view' => ['required', 'in:glass,above'],
            'scale' => ['required', 'array'],
            ...self::point('scale.from', 'required'),
            ...self::point('scale.to', 'required'),
            'scale.length' => ['required', 'string', 'max:40'],
            ...self::point('foot', 'nullable'),
            'distance' => ['required', 'array'],
            'distance.way' => ['required', 'in:measured,paced,guessed,seen'],
            'distance.length' => ['required', 'string', 'max:40'],
            ...self::point('distance.from', 'required_if:distance.way,seen'),
            ...self::point('distance.to', 'required_if:distance.way,seen'),
            'distance.depth' => ['nullable', 'required_if:distance.way,seen', 'string', 'max:40'],
            'rim' => ['nullable', 'string', 'max:40'],
            'glass' => ['nullable', 'string', 'max:40'],
            'room' => ['nullable', 'string', 'max:40'],
            'depth' => ['required', 'in:near,middle,back,unknown,twice'],
            'other' => ['nullable', 'required_if:depth,twice', 'integer:strict'],
            'heading' => ['required', Rule::enum(Heading::class)],
            'lines' => ['present', 'array', 'list', 'max:'.self::MOST_FISH],
            'lines.*' => ['array', 'list', 'max:'.self::MOST_POINTS],
            'lines.*.*' => ['array'],
            'lines.*.*.x' => ['required', 'numeric:strict', 'between:-20000,40000'],
            'lines.*.*.y' => ['required', 'numeric:strict', 'between:-20000,40000'],
        ];
    }

    /** @return array<string, mixed> */
    public function marks(): array
    {
        /** @var array<string, mixed> $marks */
        $marks = $this->safe()->except(['']);

        return $marks;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('marks');
    }

    /** @return array<string, list<string>> */
    private static function point(string $name, string $rule): array
    {
        $isWanted = $rule === 'required' ? 'required' : "required_with:{$name}";

        return [$name => [...($rule === 'required' ? [] : ['nullable']), $rule, 'array'], "{$name}.x" => [$isWanted, 'numeric:strict', 'between:-20000,40000'], "{$name}.y" => [$isWanted, 'numeric:strict', 'between:-20000,40000']];
    }
}
