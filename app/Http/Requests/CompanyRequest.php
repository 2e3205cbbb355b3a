<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;

final class CompanyRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['system_id' => ['nullable', 'integer', 'exists:systems,id']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('company');
    }
}
