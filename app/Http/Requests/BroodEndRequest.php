<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(properties: [
    new OA\Property(property: 'outcome', description: 'Null: it goes on after all.', type: 'string', nullable: true, enum: BroodEndRequest::OUTCOMES),
])]
final class BroodEndRequest extends FormRequest
{
    public const OUTCOMES = ['raised', 'lost', 'left'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['outcome' => ['present', 'nullable', Rule::in(self::OUTCOMES)]];
    }
}
