<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['done'], properties: [new OA\Property(property: 'done', type: 'boolean')])]
final class TickRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['done' => ['required', 'boolean:strict']];
    }
}
