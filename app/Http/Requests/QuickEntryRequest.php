<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['text'], properties: [
    new OA\Property(property: 'text', description: 'As it is typed: "Bramble 23.5 cm hand".', type: 'string'),
    new OA\Property(property: 'at', description: 'When it was, in UTC: YYYY-MM-DDTHH:MMZ; none: now.', type: 'string', nullable: true),
    new OA\Property(property: 'keep', description: 'Write down what is unlikely all the same.', type: 'boolean', nullable: true),
])]
final class QuickEntryRequest extends FormRequest
{
    use AtAMoment;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:300'], 'at' => self::MOMENT, 'keep' => ['nullable', 'boolean:strict']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('quick_entry');
    }
}
