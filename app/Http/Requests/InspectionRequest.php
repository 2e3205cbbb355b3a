<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'InspectionRequest', required: ['date', 'what'], properties: [
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'what', description: 'What was looked at, as its species names it.', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'note', description: 'What was found; absent: nothing amiss.', type: 'string', nullable: true),
])]
final class InspectionRequest extends FormRequest
{
    use OnADay;

    private const MOST = 20;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['date' => ['required', Day::any()], 'what' => ['required', 'array', 'list', 'max:'.self::MOST], 'what.*' => ['required', 'string', 'distinct', 'max:100'], 'note' => ['nullable', 'string', 'max:300']];
    }

    /** @return list<string> */
    public function what(): array
    {
        return array_values(array_map(strval(...), (array) $this->input('what')));
    }
}
