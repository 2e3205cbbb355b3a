<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;

final class FryForecastRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['count' => ['required', 'integer', 'min:1', 'max:5000'], 'system_id' => ['required', 'integer', 'exists:systems,id']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('fry');
    }
}
