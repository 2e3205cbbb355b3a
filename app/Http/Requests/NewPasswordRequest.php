<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use App\People\Passwords;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['password', 'new_password'], properties: [
    new OA\Property(property: 'password', description: 'The one until now.', type: 'string'),
    new OA\Property(property: 'new_password', description: 'At least 10 characters.', type: 'string'),
])]
final class NewPasswordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['password' => ['required', 'string', 'max:255'], 'new_password' => Passwords::rules()];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('password');
    }
}
