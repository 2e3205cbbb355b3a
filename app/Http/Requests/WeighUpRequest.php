<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Facility\Background;
use Biomegas\Facility\Species;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\Units;
use Biomegas\Planning\WeighUp\Candidate;
use Biomegas\Planning\WeighUp\HealthSeen;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class WeighUpRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'species_id' => ['required', 'integer', 'exists:species,id'],
            'count' => ['nullable', 'integer', 'min:1', 'max:500'],
            'length' => ['nullable', 'string', 'max:40'],
            'price' => ['nullable', 'numeric', 'min:0', 'max:1000000'],
            'health' => ['nullable', Rule::enum(HealthSeen::class)],
            'quarantine_served' => ['nullable', 'integer', 'min:0', 'max:1000'],
            'fallback' => ['nullable', 'string', 'max:200'],
            'perhaps' => ['nullable', 'array', 'max:3'],
            'perhaps.*.species_id' => ['required', 'integer', 'exists:species,id', 'distinct', 'different:species_id'],
            'perhaps.*.weight' => ['required', 'numeric', 'gt:0', 'lt:1'],
            'with' => ['nullable', 'array', 'max:5'],
            'with.*.species_id' => ['required', 'integer', 'exists:species,id'],
            'with.*.count' => ['nullable', 'integer', 'min:1', 'max:500'],
            'with.*.length' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('weigh_up');
    }

    /** @return list<array{species_id: int, count: int, length: string}> those who come with it, before it */
    public function others(): array
    {
        return array_map(fn (array $entry): array => [
            'species_id' => (int) $entry['species_id'], 'count' => (int) ($entry['count'] ?? 1), 'length' => (string) ($entry['length'] ?? ''),
        ], array_values((array) $this->input('with', [])));
    }

    /**
     * @return list<array{species_id: int, weight: float}> what else it may be
     *
     * @throws InvalidEntry when their shares leave nothing for its own species
     */
    public function perhaps(): array
    {
        $others = array_map(fn (array $entry): array => ['species_id' => (int) $entry['species_id'], 'weight' => (float) $entry['weight']], array_values((array) $this->input('perhaps', [])));

        return array_sum(array_column($others, 'weight')) < 1 ? $others : throw InvalidEntry::because('perhaps', Finding::of('entry.shares_leave_nothing'));
    }

    /** @throws InvalidEntry when its length cannot be read or cannot be */
    public function candidate(Species $species, Background $background, Units $units): Candidate
    {
        return Candidate::of(
            $species,
            $background,
            max(1, $this->integer('count', 1)),
            TypedLength::millimetres('length', $this->string('length')->value(), $units),
            HealthSeen::tryFrom($this->string('health')->value()) ?? HealthSeen::Well,
            $this->integer('quarantine_served'),
            $this->filled('price') ? $this->float('price') : null,
            $this->filled('fallback'),
        );
    }
}
