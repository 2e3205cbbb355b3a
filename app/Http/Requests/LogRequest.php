<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use App\Log\LogFilter;
use App\Log\LogKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class LogRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'fish' => ['nullable', 'integer', 'min:1'],
            'system' => ['nullable', 'integer', 'min:1'],
            'kinds' => ['nullable', 'string', 'max:400'],
            'from' => ['nullable', Day::any()],
            'until' => ['nullable', Day::onOrAfter('from')],
            'words' => ['nullable', 'string', 'max:200'],
            'after' => ['nullable', 'string', 'max:40'],
            'removed' => ['nullable', Rule::in(['yes'])],
            'most' => ['nullable', 'integer', 'min:1', 'max:200'],
        ];
    }

    public function filter(): LogFilter
    {
        $kinds = array_map(LogKind::tryFrom(...), explode(',', $this->string('kinds')->value()));

        return new LogFilter(
            $this->filled('fish') ? $this->integer('fish') : null,
            $this->filled('system') ? $this->integer('system') : null,
            array_values(array_filter($kinds, fn (?LogKind $kind): bool => $kind !== null)),
            $this->filled('from') ? $this->string('from')->value() : null,
            $this->filled('until') ? $this->string('until')->value() : null,
            $this->input('removed') === 'yes',
        );
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('log');
    }
}
