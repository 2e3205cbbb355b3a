<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use App\Models\User;
use App\People\Passwords;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['name', 'email', 'password'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'password', description: 'At least 10 characters.', type: 'string'),
])]
final class AcceptanceRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:100'], 'email' => ['required', 'email', 'max:255', Rule::unique(User::class)], 'password' => Passwords::rules()];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('account');
    }
}
