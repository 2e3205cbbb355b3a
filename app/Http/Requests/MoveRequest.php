<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['to_system_id', 'date'], properties: [
    new OA\Property(property: 'to_system_id', type: 'integer'),
    new OA\Property(property: 'date', type: 'string', format: 'date'),
])]
final class MoveRequest extends FormRequest
{
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'to_system_id' => ['required', 'integer:strict'],
            'date' => ['required', Day::any()],
        ];
    }
}
