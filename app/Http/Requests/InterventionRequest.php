<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Moving\Watch\Intervention;
use Biomegas\Moving\Watch\Success;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: [], properties: [
    new OA\Property(property: 'intervention', description: 'When it is begun.', type: 'string', enum: Intervention::class),
    new OA\Property(property: 'stop_at', description: 'HH:MM; if it is still chased then, take it out.', type: 'string', nullable: true),
    new OA\Property(property: 'success', description: 'When it is known what came of it.', type: 'string', nullable: true, enum: Success::class),
])]
final class InterventionRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'intervention' => [$this->isMethod('POST') ? 'required' : 'prohibited', Rule::enum(Intervention::class)],
            'stop_at' => ['nullable', 'regex:/^([01]\d|2[0-3]):[0-5]\d$/'],
            'success' => [$this->isMethod('PUT') ? 'present' : 'prohibited', 'nullable', Rule::enum(Success::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('intervention');
    }
}
