<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Measure\UnitSystem;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['facility', 'unit_system', 'time_zone'], properties: [
    new OA\Property(property: 'facility', description: 'Name of the place.', type: 'string'),
    new OA\Property(property: 'unit_system', type: 'string', enum: UnitSystem::class),
    new OA\Property(property: 'time_zone', description: 'Where the fish are, for example Europe/London.', type: 'string'),
    new OA\Property(property: 'currency', description: 'ISO 4217; absent: sums are said without it.', type: 'string', nullable: true),
])]
final class FacilityRequest extends FormRequest
{
    use PlaceRules;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->placeRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('facility');
    }
}
