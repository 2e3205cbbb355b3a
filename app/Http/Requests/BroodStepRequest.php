<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['is_done', 'is_left_out', 'on'], properties: [
    new OA\Property(property: 'is_done', type: 'boolean'),
    new OA\Property(property: 'is_left_out', type: 'boolean'),
    new OA\Property(property: 'on', description: 'The day that the keeper knows better; null: as usual.', type: 'string', format: 'date', nullable: true),
])]
final class BroodStepRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['is_done' => ['required', 'boolean:strict'], 'is_left_out' => ['required', 'boolean:strict'], 'on' => ['present', 'nullable', Day::any()]];
    }
}
