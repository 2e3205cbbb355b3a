<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['instead_of'], properties: [
    new OA\Property(property: 'instead_of', description: 'The plan that was followed when this one was looked at; null: none.', type: 'integer', nullable: true),
])]
final class AdoptionRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['instead_of' => ['present', 'nullable', 'integer:strict']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('adoption');
    }
}
