<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use App\Log\LogKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

/** One picture; the file is looked at by its bytes. */
final class PictureRequest extends FormRequest
{
    use AtAMoment;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'fish_id' => ['nullable', 'integer', 'exists:fish,id'],
            'system_id' => ['nullable', 'integer', 'exists:systems,id'],
            'entry_kind' => ['nullable', Rule::enum(LogKind::class), 'required_with:entry_id'],
            'entry_id' => ['nullable', 'integer', 'required_with:entry_kind'],
            'date' => ['nullable', Day::any()],
            'time' => ['nullable', 'date_format:H:i'],
            'at' => self::MOMENT,
            'note' => ['nullable', 'string', 'max:300'],
        ];
    }

    public function picture(): ?UploadedFile
    {
        $file = $this->file('picture');

        return $file instanceof UploadedFile ? $file : null;
    }

    public function number(string $field): ?int
    {
        return $this->filled($field) ? $this->integer($field) : null;
    }

    public function words(string $field): ?string
    {
        return $this->filled($field) ? $this->string($field)->value() : null;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('picture');
    }
}
