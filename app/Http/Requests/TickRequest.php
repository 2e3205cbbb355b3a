<?php

declare(strict_types=1);

namespace App\Http\Requests;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['done'], properties: [new OA\Property(property: 'done', type: 'boolean')])]
final class TickRequest extends LogRequest
{
    public function rules(): array
    {
        return ['done' => ['required', 'boolean']];
    }
}
