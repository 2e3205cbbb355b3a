<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Biomegas\Facility\Sex;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['species_id', 'candidates'], properties: [
    new OA\Property(property: 'species_id', type: 'integer'),
    new OA\Property(property: 'candidates', description: 'Up to three other species, with weights that sum to less than 1.', type: 'array', items: new OA\Items(ref: '#/components/schemas/Candidate')),
    new OA\Property(property: 'sex', type: 'string', enum: Sex::class, nullable: true),
    new OA\Property(property: 'hatched_on', type: 'string', format: 'date', nullable: true),
])]
final class IdentityRequest extends FormRequest
{
    use Candidates;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'species_id' => ['required', 'integer:strict', 'exists:species,id'],
            ...$this->candidateRules(),
            'candidates' => ['present', 'array', 'max:3'],
            'sex' => ['nullable', Rule::enum(Sex::class)],
            'hatched_on' => ['nullable', Day::any()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('identity');
    }
}
