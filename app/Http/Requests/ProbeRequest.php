<?php

declare(strict_types=1);

namespace App\Http\Requests;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['name'], properties: [new OA\Property(property: 'name', type: 'string')])]
final class ProbeRequest extends LogRequest
{
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:60']];
    }
}
