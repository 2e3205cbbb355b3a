<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['at'], properties: [
    new OA\Property(property: 'at', description: 'HH:MM, on the clock of the place.', type: 'string'),
])]
final class LetterRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['at' => ['required', 'date_format:H:i']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('letter');
    }
}
