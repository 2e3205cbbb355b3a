<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['version', 'fields'], properties: [
    new OA\Property(property: 'version', description: 'Of the entry that was corrected.', type: 'integer'),
    new OA\Property(property: 'fields', description: 'What is typed, by the names of its fields; what is left out stays as it is.', type: 'object', additionalProperties: new OA\AdditionalProperties(
        oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'array', items: new OA\Items(type: 'string'))],
    )),
    new OA\Property(property: 'keep', description: 'Record what is unlikely all the same.', type: 'boolean'),
])]
final class CorrectionRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer:strict'], 'fields' => ['present', 'array', 'max:40'], 'keep' => ['boolean:strict']];
    }

    /** @return array<string, mixed> */
    public function fields(): array
    {
        /** @var array<string, mixed> $fields */
        $fields = (array) $this->input('fields');

        return array_filter($fields, fn (mixed $typed): bool => is_string($typed) || $typed === null || is_array($typed) && array_filter($typed, fn (mixed $one): bool => ! is_string($one)) === []);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('correction');
    }
}
