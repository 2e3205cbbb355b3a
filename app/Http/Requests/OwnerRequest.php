<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use App\People\Passwords;
use Biomegas\Measure\UnitSystem;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['name', 'email', 'password', 'facility', 'unit_system', 'time_zone'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'password', description: 'At least 10 characters.', type: 'string'),
    new OA\Property(property: 'facility', description: 'Name of the place.', type: 'string'),
    new OA\Property(property: 'unit_system', type: 'string', enum: UnitSystem::class),
    new OA\Property(property: 'time_zone', description: 'Where the fish are, for example Europe/London.', type: 'string'),
    new OA\Property(property: 'currency', description: 'ISO 4217; absent: sums are said without it.', type: 'string', nullable: true),
])]
final class OwnerRequest extends FormRequest
{
    use PlaceRules;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:100'],
            'email' => ['required', 'email', 'max:255'],
            'password' => Passwords::rules(),
            ...$this->placeRules(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('owner');
    }
}
