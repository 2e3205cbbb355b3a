<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A system that is still being typed: it needs no name yet. */
final class SystemDraftRequest extends SystemRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'name' => ['nullable', 'string', 'max:60'], 'version' => ['sometimes', 'integer:strict']];
    }
}
