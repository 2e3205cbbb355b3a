<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['date', 'is_eating'], properties: [
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'time', description: 'HH:MM, when it is known.', type: 'string', nullable: true),
    new OA\Property(property: 'is_eating', type: 'boolean'),
    new OA\Property(property: 'sign', description: 'Of disease, in your words; absent: none was seen.', type: 'string', nullable: true),
])]
final class ConditionRequest extends FormRequest
{
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['date' => ['required', Day::any()], 'time' => ['nullable', 'date_format:H:i'], 'is_eating' => ['required', 'boolean:strict'], 'sign' => ['nullable', 'string', 'max:300']];
    }
}
