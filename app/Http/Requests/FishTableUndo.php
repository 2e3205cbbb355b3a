<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'FishTableUndo', required: ['fish', 'lengths'], properties: [
    new OA\Property(property: 'fish', type: 'array', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'lengths', type: 'array', items: new OA\Items(type: 'integer')),
])]
final class FishTableUndo extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['fish' => ['present', 'array', 'max:1000'], 'fish.*' => ['integer:strict'], 'lengths' => ['present', 'array', 'max:1000'], 'lengths.*' => ['integer:strict']];
    }

    /** @return list<int> */
    public function ids(string $of): array
    {
        return array_map(intval(...), array_values((array) $this->input($of)));
    }
}
