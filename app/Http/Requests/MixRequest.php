<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Planning\Mix\Mix;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['members'], properties: [
    new OA\Property(property: 'system_id', description: 'Where they are to live; null: nowhere yet.', type: 'integer', nullable: true),
    new OA\Property(property: 'members', type: 'array', maxItems: Mix::MOST, items: new OA\Items(properties: [
        new OA\Property(property: 'fish_id', description: 'One of the place; null: a species is thought of.', type: 'integer', nullable: true),
        new OA\Property(property: 'species_id', type: 'integer', nullable: true),
        new OA\Property(property: 'count', type: 'integer', nullable: true),
        new OA\Property(property: 'length', description: 'As typed; absent: as it is usually sold.', type: 'string', nullable: true),
    ], type: 'object')),
])]
final class MixRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'system_id' => ['nullable', 'integer:strict', 'exists:systems,id'],
            'members' => ['required', 'array', 'list', 'min:1', 'max:'.Mix::MOST],
            'members.*.fish_id' => ['nullable', 'integer:strict', 'distinct', 'required_without:members.*.species_id'],
            'members.*.species_id' => ['nullable', 'integer:strict', 'exists:species,id'],
            'members.*.count' => ['nullable', 'integer:strict', 'min:1', 'max:500'],
            'members.*.length' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return list<array{fish_id: int|null, species_id: int|null, count: int, length: string}> */
    public function members(): array
    {
        return array_map(fn (array $member): array => [
            'fish_id' => isset($member['fish_id']) ? (int) $member['fish_id'] : null,
            'species_id' => isset($member['species_id']) ? (int) $member['species_id'] : null,
            'count' => (int) ($member['count'] ?? 1), 'length' => (string) ($member['length'] ?? ''),
        ], array_values((array) $this->input('members')));
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('mix');
    }
}
