<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Foundation\Http\FormRequest;

/**
 * An entry whose field "candidates" names what else a fish may be.
 *
 * @phpstan-require-extends FormRequest
 */
trait Candidates
{
    /** @return array<string, list<string>> */
    private function candidateRules(): array
    {
        return [
            'candidates' => ['array', 'max:3'],
            'candidates.*.species_id' => ['required', 'integer:strict', 'exists:species,id', 'distinct', 'different:species_id'],
            'candidates.*.weight' => ['required', 'numeric:strict', 'gt:0', 'lt:1'],
        ];
    }

    /**
     * @return list<array{species_id: int, weight: float}>
     *
     * @throws InvalidEntry when their shares leave nothing for its own species
     */
    public function candidates(): array
    {
        $candidates = array_map(
            fn (array $candidate): array => ['species_id' => (int) $candidate['species_id'], 'weight' => (float) $candidate['weight']],
            array_values((array) $this->validated('candidates', [])),
        );

        return array_sum(array_column($candidates, 'weight')) < 1 ? $candidates : throw InvalidEntry::because('candidates', Finding::of('entry.shares_leave_nothing'));
    }
}
