<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;

final class WhyNotRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'fish_id' => ['required', 'integer'],
            'key' => ['required', 'string', 'max:40'],
            'on' => ['required', Day::any()],
            'plan_id' => ['nullable', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('why_not');
    }
}
