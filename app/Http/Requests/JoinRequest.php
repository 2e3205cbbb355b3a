<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['into'], properties: [
    new OA\Property(property: 'into', description: 'The shoal that it goes into.', type: 'integer'),
])]
final class JoinRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['into' => ['required', 'integer:strict', 'exists:fish,id']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('join');
    }
}
