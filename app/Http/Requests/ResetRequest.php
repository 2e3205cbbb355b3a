<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use App\People\Passwords;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['email', 'token', 'password'], properties: [
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'token', description: 'What stands in the link.', type: 'string'),
    new OA\Property(property: 'password', description: 'At least 10 characters.', type: 'string'),
])]
final class ResetRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['email' => ['required', 'email', 'max:255'], 'token' => ['required', 'string', 'max:255'], 'password' => Passwords::rules()];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('password');
    }
}
