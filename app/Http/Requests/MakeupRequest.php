<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Biomegas\Facility\Group\SizeClass;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\Length;
use Biomegas\Measure\Units;
use Biomegas\Rulebook\Method;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['date'], properties: [
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'males', type: 'integer', minimum: 0),
    new OA\Property(property: 'females', type: 'integer', minimum: 0),
    new OA\Property(property: 'sizes', description: 'Those who can be told apart by size, with their mean as a length of the shoal; none: all are much the same; absent: as they were said before.', type: 'array', items: new OA\Items(required: ['count', 'length'], properties: [
        new OA\Property(property: 'called', type: 'string', nullable: true),
        new OA\Property(property: 'count', type: 'integer', minimum: 1),
        new OA\Property(property: 'length', description: 'Of each, as typed.', type: 'string'),
    ], type: 'object')),
    new OA\Property(property: 'method', description: 'How the sizes were measured; absent: by eye.', type: 'string', enum: Method::class),
    new OA\Property(property: 'keep', description: 'Record an unlikely mean length all the same.', type: 'boolean'),
])]
final class MakeupRequest extends FormRequest
{
    use OnADay;

    private const MOST_SIZES = 8;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'date' => ['required', Day::any()],
            'males' => ['integer:strict', 'min:0', 'max:60000'],
            'females' => ['integer:strict', 'min:0', 'max:60000'],
            'sizes' => ['array', 'list', 'max:'.self::MOST_SIZES],
            'sizes.*.called' => ['nullable', 'string', 'max:30'],
            'sizes.*.count' => ['required', 'integer:strict', 'min:1', 'max:60000'],
            'sizes.*.length' => ['required', 'string', 'max:40'],
            'method' => [Rule::enum(Method::class)],
            'keep' => ['boolean:strict'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('makeup');
    }

    /**
     * @return list<SizeClass>|null null: as they were said before
     *
     * @throws InvalidEntry when a length cannot be read
     */
    public function sizes(Units $units): ?array
    {
        if (! $this->has('sizes')) {
            return null;
        }
        $sizes = [];
        foreach ((array) $this->validated('sizes', []) as $i => $size) {
            $sizes[] = new SizeClass(trim((string) ($size['called'] ?? '')), (int) $size['count'], Length::ofMillimetres((float) TypedLength::millimetres("sizes.{$i}.length", (string) $size['length'], $units)));
        }

        return $sizes;
    }
}
