<?php

declare(strict_types=1);

namespace App\Http\Requests;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['date'], properties: [
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'days', description: 'Left out: as the rulebook says.', type: 'integer', nullable: true),
    new OA\Property(property: 'credit', description: 'Days already served at the seller\'s.', type: 'integer', nullable: true),
])]
final class QuarantineRequest extends LogRequest
{
    public function rules(): array
    {
        return ['date' => ['required', 'string'], 'days' => ['nullable', 'integer', 'min:1', 'max:365'], 'credit' => ['nullable', 'integer', 'min:0', 'max:365']];
    }
}
