<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['text', 'date'], properties: [
    new OA\Property(property: 'fish_id', description: 'Of whom; null: of a system, or of the day.', type: 'integer', nullable: true),
    new OA\Property(property: 'system_id', type: 'integer', nullable: true),
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'time', description: 'HH:MM, when it is known.', type: 'string', nullable: true),
    new OA\Property(property: 'text', type: 'string'),
])]
final class NoteRequest extends FormRequest
{
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'fish_id' => ['nullable', 'integer:strict', 'exists:fish,id'],
            'system_id' => ['nullable', 'integer:strict', 'prohibits:fish_id', 'exists:systems,id'],
            'date' => ['required', Day::any()],
            'time' => ['nullable', 'date_format:H:i'],
            'text' => ['required', 'string', 'max:4000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('note');
    }
}
