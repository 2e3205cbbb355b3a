<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['name', 'count', 'system_id', 'length'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'count', description: 'How many are kept.', type: 'integer'),
    new OA\Property(property: 'system_id', description: 'Where they live.', type: 'integer'),
    new OA\Property(property: 'length', description: 'As typed.', type: 'string'),
])]
final class FryRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:100', 'unique:fish,name'],
            'count' => ['required', 'integer:strict', 'min:1', 'max:5000'],
            'system_id' => ['required', 'integer:strict', 'exists:systems,id'],
            'length' => ['required', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('fry');
    }
}
