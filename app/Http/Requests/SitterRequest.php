<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use App\Models\Sitter;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['name', 'from', 'until', 'call'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'from', type: 'string', format: 'date'),
    new OA\Property(property: 'until', description: 'The last day.', type: 'string', format: 'date'),
    new OA\Property(property: 'call', description: 'Whom to call, with the number.', type: 'string'),
    new OA\Property(property: 'note', description: 'What else to know: where the food is, which key.', type: 'string', nullable: true),
])]
final class SitterRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $last = is_string($this->input('from')) && strtotime($this->input('from')) !== false ? Carbon::parse($this->input('from'))->addDays(Sitter::MOST_DAYS - 1)->toDateString() : '9999-12-31';

        return [
            'name' => ['required', 'string', 'max:60'],
            'from' => ['required', 'date_format:Y-m-d'],
            'until' => ['required', 'date_format:Y-m-d', 'after_or_equal:from', "before_or_equal:{$last}"],
            'call' => ['required', 'string', 'max:200'],
            'note' => ['nullable', 'string', 'max:2000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('sitter');
    }
}
