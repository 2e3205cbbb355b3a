<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\UnreadableDate;
use Biomegas\RefusedEntry;
use Illuminate\Foundation\Http\FormRequest;

/** What every entry in the log has in common. */
abstract class LogRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    abstract public function rules(): array;

    /** @throws RefusedEntry when the text is no day of the calendar */
    public function day(): LocalDate
    {
        try {
            return LocalDate::fromIso($this->string('date')->value());
        } catch (UnreadableDate $e) {
            throw RefusedEntry::because('date', $e->getMessage());
        }
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'date.required' => 'Give the day.',
            'enum' => 'This :attribute is not known. Choose one from the list.',
            'integer' => 'The :attribute must be a whole number.',
            'string' => 'The :attribute must be text.',
            'required' => 'Give the :attribute.',
            'max.string' => 'The :attribute is too long: :max characters at most.',
            'min.numeric' => 'The :attribute must be :min or more.',
            'max.numeric' => 'The :attribute must be :max or less.',
        ];
    }
}
