<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['systems'], properties: [
    new OA\Property(property: 'systems', description: 'All that are in use, in walking order.', type: 'array', items: new OA\Items(type: 'integer')),
])]
final class RouteRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['systems' => ['present', 'array', 'max:1000'], 'systems.*' => ['integer:strict', 'distinct']];
    }

    /** @return list<int> */
    public function systems(): array
    {
        return array_values(array_map(intval(...), (array) $this->input('systems')));
    }
}
