<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\Units;
use Biomegas\Rulebook\Ration;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['ration', 'adult'], properties: [
    new OA\Property(property: 'ration', description: 'From today on.', type: 'string', enum: Ration::class),
    new OA\Property(property: 'adult', description: 'Its adult length as typed; null: as its species.', type: 'string', nullable: true),
])]
final class KeepingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'ration' => ['required', Rule::enum(Ration::class)],
            'adult' => ['present', 'nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('keeping');
    }

    public function ration(): Ration
    {
        return Ration::from($this->string('ration')->value());
    }

    /** @throws InvalidEntry when the adult length cannot be read */
    public function adultMm(Units $units): ?float
    {
        return TypedLength::millimetres('adult', $this->string('adult')->value(), $units);
    }
}
