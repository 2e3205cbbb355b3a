<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Sex;
use Biomegas\Losses\LossKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['kind', 'date'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: LossKind::class),
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'count', description: 'How many of a shoal; 1 when left out.', type: 'integer'),
    new OA\Property(property: 'sex', description: 'Of all that were lost of a shoal; absent: not known.', type: 'string', enum: Sex::class, nullable: true),
    new OA\Property(property: 'eaten_by_id', description: 'Who ate it, if that was seen.', type: 'integer', nullable: true),
    new OA\Property(property: 'last_seen', description: 'Where the day is not known: it happened after this one, and up to the other.', type: 'string', format: 'date', nullable: true),
    new OA\Property(property: 'lesson', description: 'What was learnt.', type: 'string', nullable: true),
    new OA\Property(property: 'cause', description: 'In own words.', type: 'string', nullable: true),
])]
final class LossRequest extends FormRequest
{
    use OnADay;

    public function lastSeen(): ?LocalDate
    {
        return $this->filled('last_seen') ? LocalDate::fromIso($this->string('last_seen')->value()) : null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(LossKind::class)],
            'date' => ['required', Day::any()],
            'count' => ['integer:strict'],
            'sex' => ['nullable', Rule::enum(Sex::class)],
            'eaten_by_id' => ['nullable', 'integer:strict'],
            'last_seen' => ['nullable', Day::any()],
            'lesson' => ['nullable', 'string', 'max:500'],
            'cause' => ['nullable', 'string', 'max:500'],
        ];
    }
}
