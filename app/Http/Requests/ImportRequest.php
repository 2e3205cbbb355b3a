<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Import\Entries\ImportKind;
use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['kind', 'name', 'text'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: ImportKind::class),
    new OA\Property(property: 'name', description: 'Of the file.', type: 'string'),
    new OA\Property(property: 'text', description: 'The table: a line of headings, then a row each; tabs, semicolons or commas part the cells.', type: 'string'),
])]
final class ImportRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['kind' => ['required', Rule::enum(ImportKind::class)], 'name' => ['required', 'string', 'max:200'], 'text' => ['required', 'string']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('import');
    }
}
