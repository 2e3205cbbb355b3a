<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Of whom a table is wanted. */
final class TableRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['fish' => ['integer', 'exists:fish,id'], 'system' => ['integer', 'exists:systems,id']];
    }
}
