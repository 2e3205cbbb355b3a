<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Biomegas\Facility\Purpose;
use Biomegas\Facility\Sex;
use Biomegas\Rulebook\Method;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['name', 'species_id', 'count', 'system_id', 'date'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'species_id', type: 'integer'),
    new OA\Property(property: 'candidates', description: 'Up to three other species that it may be, with weights that sum to less than 1.', type: 'array', items: new OA\Items(ref: '#/components/schemas/Candidate')),
    new OA\Property(property: 'count', type: 'integer', minimum: 1),
    new OA\Property(property: 'system_id', description: 'Its first home.', type: 'integer'),
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'length', description: 'As typed; absent: not measured.', type: 'string', nullable: true),
    new OA\Property(property: 'method', type: 'string', enum: Method::class, nullable: true),
    new OA\Property(property: 'sex', type: 'string', enum: Sex::class, nullable: true),
    new OA\Property(property: 'males', description: 'Of a shoal.', type: 'integer', minimum: 0, nullable: true),
    new OA\Property(property: 'females', description: 'Of a shoal.', type: 'integer', minimum: 0, nullable: true),
    new OA\Property(property: 'purpose', type: 'string', enum: Purpose::class, nullable: true),
    new OA\Property(property: 'origin', type: 'string', nullable: true, enum: ['tank-raised', 'wild-caught']),
    new OA\Property(property: 'fallback', type: 'string', nullable: true),
    new OA\Property(property: 'price', description: 'Of one.', type: 'number', nullable: true),
    new OA\Property(property: 'quarantine_days', description: 'Its quarantine begins with its arrival; absent: it has none.', type: 'integer', nullable: true),
    new OA\Property(property: 'is_watched', description: 'A watch begins now: only of one that arrives today.', type: 'boolean'),
    new OA\Property(property: 'arrival_note', type: 'string', nullable: true),
])]
final class AcquireRequest extends FormRequest
{
    use Candidates;
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60', 'unique:fish,name'],
            'species_id' => ['required', 'integer:strict', 'exists:species,id'],
            ...$this->candidateRules(),
            'count' => ['required', 'integer:strict', 'min:1', 'max:60000'],
            'system_id' => ['required', 'integer:strict'],
            'date' => ['required', Day::any()],
            'length' => ['nullable', 'string', 'max:40'],
            'method' => ['nullable', Rule::enum(Method::class)],
            'sex' => ['nullable', Rule::enum(Sex::class)],
            'males' => ['nullable', 'integer:strict', 'min:0', 'max:60000'],
            'females' => ['nullable', 'integer:strict', 'min:0', 'max:60000'],
            'purpose' => ['nullable', Rule::enum(Purpose::class)],
            'origin' => ['nullable', 'in:tank-raised,wild-caught'],
            'fallback' => ['nullable', 'string', 'max:200'],
            'price' => ['nullable', 'numeric:strict', 'min:0', 'max:1000000'],
            'quarantine_days' => ['nullable', 'integer:strict', 'min:1', 'max:365'],
            'is_watched' => ['boolean:strict'],
            'arrival_note' => ['nullable', 'string', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('acquire');
    }
}
