<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use App\Models\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['role'], properties: [
    new OA\Property(property: 'role', type: 'string', enum: Role::class),
])]
final class PersonRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['role' => ['required', Rule::enum(Role::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('invitation');
    }
}
