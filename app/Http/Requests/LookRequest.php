<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Moving\Watch\CheckItem;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['has_eaten', 'exceptions'], description: 'A look at all that were added together: all is good but for the exceptions.', properties: [
    new OA\Property(property: 'at', description: 'When it was, in UTC: YYYY-MM-DDTHH:MMZ; none: now.', type: 'string', nullable: true),
    new OA\Property(property: 'has_eaten', description: 'All but the exceptions.', type: 'boolean'),
    new OA\Property(property: 'exceptions', type: 'array', items: new OA\Items(required: ['watch_id', 'troubles', 'has_eaten'], properties: [
        new OA\Property(property: 'watch_id', type: 'integer'),
        new OA\Property(property: 'troubles', type: 'array', items: new OA\Items(type: 'string', enum: CheckItem::class)),
        new OA\Property(property: 'has_eaten', type: 'boolean'),
        new OA\Property(property: 'chased_by_id', type: 'integer', nullable: true),
        new OA\Property(property: 'chases_id', type: 'integer', nullable: true),
        new OA\Property(property: 'note', type: 'string', nullable: true),
    ], type: 'object')),
])]
final class LookRequest extends FormRequest
{
    use AtAMoment;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'at' => self::MOMENT,
            'has_eaten' => ['required', 'boolean:strict'],
            'exceptions' => ['present', 'array', 'list', 'max:50'],
            'exceptions.*.watch_id' => ['required', 'integer:strict', 'distinct'],
            'exceptions.*.troubles' => ['present', 'array', 'list', 'max:20'],
            'exceptions.*.troubles.*' => [Rule::enum(CheckItem::class)],
            'exceptions.*.has_eaten' => ['required', 'boolean:strict'],
            'exceptions.*.chased_by_id' => ['nullable', 'integer:strict', 'exists:fish,id'],
            'exceptions.*.chases_id' => ['nullable', 'integer:strict', 'exists:fish,id'],
            'exceptions.*.note' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('look');
    }
}
