<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['with_doubtful'], properties: [
    new OA\Property(property: 'with_doubtful', description: 'Also rows that look unlikely, or are there already.', type: 'boolean'),
])]
final class ImportWritingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['with_doubtful' => ['required', 'boolean:strict']];
    }
}
