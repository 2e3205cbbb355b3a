<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A picture from a sitter; the file is looked at by its bytes. */
final class SitterPictureRequest extends FormRequest
{
    use AtAMoment;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['at' => self::MOMENT];
    }
}
