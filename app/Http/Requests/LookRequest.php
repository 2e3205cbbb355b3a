<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Moving\Watch\CheckItem;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['troubles', 'has_eaten'], properties: [
    new OA\Property(property: 'troubles', description: 'What was not as it should be; none: all good.', type: 'array', items: new OA\Items(type: 'string', enum: CheckItem::class)),
    new OA\Property(property: 'has_eaten', type: 'boolean'),
    new OA\Property(property: 'chased_by_id', type: 'integer', nullable: true),
    new OA\Property(property: 'note', type: 'string', nullable: true),
])]
final class LookRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'troubles' => ['present', 'array', 'max:20'],
            'troubles.*' => [Rule::enum(CheckItem::class)],
            'has_eaten' => ['required', 'boolean:strict'],
            'chased_by_id' => ['nullable', 'integer:strict', 'exists:fish,id'],
            'note' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('look');
    }
}
