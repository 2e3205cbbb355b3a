<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Facility\FacilityReader;
use App\Language\RequestMessages;
use App\Models\Species;
use App\Species\KnownSpecies;
use App\Species\Outline;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'KnownSpeciesRequest', required: ['name', 'adult'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'names', description: 'Other names, each of which finds it.', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'like_id', description: 'The species that it is like, in what is not said here.', type: 'integer', nullable: true),
    new OA\Property(property: 'adult', description: 'How long it becomes, as typed: one length or a range.', type: 'string'),
    new OA\Property(property: 'grown_from', description: 'As typed: it was seen to grow from this length ...', type: 'string', nullable: true),
    new OA\Property(property: 'grown_to', description: '... to this one ...', type: 'string', nullable: true),
    new OA\Property(property: 'grown_months', description: '... in so many months; a year when it is not said.', type: 'number', nullable: true),
    new OA\Property(property: 'temperament', type: 'integer', nullable: true),
    new OA\Property(property: 'minimum_group', type: 'integer', nullable: true),
    new OA\Property(property: 'least_length', description: 'Of the least tank, as typed.', type: 'string', nullable: true),
    new OA\Property(property: 'least_width', description: 'Of the least tank, as typed.', type: 'string', nullable: true),
    new OA\Property(property: 'more', description: 'Further values in the words of the scenario format, over all others.', type: 'object', nullable: true, additionalProperties: true),
    new OA\Property(property: 'form', description: 'Its outline in the drawing kit; null: that of the one it is like.', type: 'string', nullable: true, enum: Outline::class),
])]
final class KnownSpeciesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:100', 'unique:species,common_name'],
            'names' => ['nullable', 'array', 'max:30'],
            'names.*' => ['string', 'min:1', 'max:100'],
            'like_id' => ['nullable', 'integer:strict', 'exists:species,id'],
            'adult' => ['required', 'string', 'max:60'],
            'grown_from' => ['nullable', 'string', 'max:40'],
            'grown_to' => ['nullable', 'string', 'max:40'],
            'grown_months' => ['nullable', 'numeric', 'min:0.5', 'max:600'],
            'temperament' => ['nullable', 'integer', 'min:1', 'max:5'],
            'minimum_group' => ['nullable', 'integer', 'min:1', 'max:1000'],
            'least_length' => ['nullable', 'string', 'max:40'],
            'least_width' => ['nullable', 'string', 'max:40'],
            'more' => ['nullable', 'array', 'max:100'],
            'form' => ['nullable', Rule::enum(Outline::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('known_species');
    }

    /**
     * What cannot be read or cannot be stands at its field together with the rest.
     *
     * @return list<Closure(Validator): void>
     */
    public function after(FacilityReader $reader): array
    {
        return [function (Validator $validator) use ($reader): void {
            $kept = $reader->read();
            $like = $validator->errors()->has('like_id') ? null : $this->like()?->current();
            foreach (KnownSpecies::refusals($this->known(), $like, $kept->units, $kept->says()) as $field => $sentences) {
                if (! $validator->errors()->has($field)) {
                    $validator->errors()->add($field, $sentences[0]);
                }
            }
        }];
    }

    /** @return array{name: string, adult: string, grown_from: string, grown_to: string, grown_months: float|null, temperament: int|null, minimum_group: int|null, least_length: string, least_width: string} */
    public function known(): array
    {
        return [
            'name' => trim($this->text('name')),
            'adult' => $this->text('adult'),
            'grown_from' => $this->text('grown_from'),
            'grown_to' => $this->text('grown_to'),
            'grown_months' => is_numeric($this->input('grown_months')) ? $this->float('grown_months') : null,
            'temperament' => is_numeric($this->input('temperament')) ? $this->integer('temperament') : null,
            'minimum_group' => is_numeric($this->input('minimum_group')) ? max(1, $this->integer('minimum_group')) : null,
            'least_length' => $this->text('least_length'),
            'least_width' => $this->text('least_width'),
        ];
    }

    private function text(string $field): string
    {
        $value = $this->input($field);

        return is_string($value) ? $value : '';
    }

    public function like(): ?Species
    {
        return is_int($this->input('like_id')) ? Species::query()->findOrFail($this->integer('like_id')) : null;
    }

    /** @return array<string, mixed> what is said beyond that */
    public function more(): array
    {
        $names = array_values(array_filter((array) $this->input('names', []), fn (mixed $name): bool => is_string($name) && trim($name) !== ''));

        return [...($names === [] ? [] : ['names' => $names]), ...(array) $this->input('more', [])];
    }
}
