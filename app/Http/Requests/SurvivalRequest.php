<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Facility\LifeGroups;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class SurvivalRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['by' => ['nullable', Rule::enum(LifeGroups::class)]];
    }

    public function by(): ?LifeGroups
    {
        return $this->filled('by') ? LifeGroups::from($this->string('by')->value()) : null;
    }
}
