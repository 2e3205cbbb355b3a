<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['fish_id'], properties: [
    new OA\Property(property: 'fish_id', description: 'Whose length it is.', type: 'integer'),
    new OA\Property(property: 'keep', description: 'Record an unlikely length all the same.', type: 'boolean'),
])]
final class PictureMeasurementRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['fish_id' => ['required', 'integer:strict', 'exists:fish,id'], 'keep' => ['boolean:strict']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('picture');
    }
}
