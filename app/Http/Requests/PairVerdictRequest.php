<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Rulebook\PairVerdict;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['one_id', 'other_id', 'verdict', 'reason'], properties: [
    new OA\Property(property: 'one_id', type: 'integer'),
    new OA\Property(property: 'other_id', type: 'integer'),
    new OA\Property(property: 'verdict', type: 'string', enum: PairVerdict::class),
    new OA\Property(property: 'reason', type: 'string'),
])]
final class PairVerdictRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'one_id' => ['required', 'integer:strict'],
            'other_id' => ['required', 'integer:strict', 'different:one_id'],
            'verdict' => ['required', Rule::enum(PairVerdict::class)],
            'reason' => ['required', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('pair_verdict');
    }
}
