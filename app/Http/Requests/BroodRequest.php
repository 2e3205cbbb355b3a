<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Biomegas\Brood\BroodSign;
use Biomegas\Brood\BroodStyle;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['mother_id', 'style', 'sign', 'date'], properties: [
    new OA\Property(property: 'mother_id', type: 'integer'),
    new OA\Property(property: 'father_id', type: 'integer', nullable: true),
    new OA\Property(property: 'style', type: 'string', enum: BroodStyle::class),
    new OA\Property(property: 'sign', description: 'What was seen.', type: 'string', enum: BroodSign::class),
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'place', description: 'In own words.', type: 'string', nullable: true),
])]
final class BroodRequest extends FormRequest
{
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'mother_id' => ['required', 'integer:strict'],
            'father_id' => ['nullable', 'integer:strict'],
            'style' => ['required', Rule::enum(BroodStyle::class)],
            'sign' => ['required', Rule::enum(BroodSign::class)],
            'date' => ['required', Day::any()],
            'place' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('brood');
    }
}
