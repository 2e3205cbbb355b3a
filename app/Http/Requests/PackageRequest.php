<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;

/** A data package that is brought. */
final class PackageRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['package' => ['required', 'file']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('package');
    }
}
