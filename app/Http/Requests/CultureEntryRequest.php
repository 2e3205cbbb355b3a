<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Biomegas\Culture\CultureEventKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['date', 'kind', 'number'], properties: [
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'kind', type: 'string', enum: CultureEventKind::class),
    new OA\Property(property: 'number', type: 'number'),
])]
final class CultureEntryRequest extends FormRequest
{
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'date' => ['required', Day::any()],
            'kind' => ['required', Rule::enum(CultureEventKind::class)],
            'number' => ['required', 'numeric:strict', $this->input('kind') === CultureEventKind::Counted->value ? 'gte:0' : 'gt:0', 'max:10000000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('culture_entry');
    }
}
