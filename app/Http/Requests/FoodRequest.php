<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Facility\Diet;
use Biomegas\Food\FoodForm;
use Biomegas\Food\FoodUnit;
use Biomegas\Food\Taking;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['name', 'form', 'taken_by', 'protein_percent', 'dry_matter_percent', 'unit'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'form', type: 'string', enum: FoodForm::class),
    new OA\Property(property: 'taken_by', description: 'Diets that take it.', type: 'array', items: new OA\Items(type: 'string', enum: Diet::class)),
    new OA\Property(property: 'protein_percent', description: 'Of it as it is given.', type: 'number'),
    new OA\Property(property: 'dry_matter_percent', description: 'What of it is not water.', type: 'number'),
    new OA\Property(property: 'unit', type: 'string', enum: FoodUnit::class),
    new OA\Property(property: 'grams_each', description: 'Of one piece; null with what is weighed.', type: 'number', nullable: true),
    new OA\Property(property: 'pack', description: 'What is in a pack, in its unit.', type: 'number', nullable: true),
    new OA\Property(property: 'price', description: 'Of a pack.', type: 'number', nullable: true),
    new OA\Property(property: 'keeps_days', description: 'Once it is opened.', type: 'integer', nullable: true),
    new OA\Property(property: 'is_fish', description: 'Whole fish.', type: 'boolean', nullable: true),
    new OA\Property(property: 'own_word', description: 'What was seen of single kinds, by the key of the species.', type: 'array', nullable: true, items: new OA\Items(required: ['species', 'taking'], properties: [
        new OA\Property(property: 'species', type: 'string'),
        new OA\Property(property: 'taking', type: 'string', enum: Taking::class),
    ], type: 'object')),
])]
final class FoodRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'form' => ['required', Rule::enum(FoodForm::class)],
            'taken_by' => ['present', 'array', 'list', 'max:5'],
            'taken_by.*' => [Rule::enum(Diet::class)],
            'protein_percent' => ['required', 'numeric:strict'],
            'dry_matter_percent' => ['required', 'numeric:strict'],
            'unit' => ['required', Rule::enum(FoodUnit::class)],
            'grams_each' => ['nullable', 'required_if:unit,piece', 'numeric:strict', 'max:10000'],
            'pack' => ['nullable', 'numeric:strict', 'max:1000000'],
            'price' => ['nullable', 'numeric:strict', 'min:0', 'max:1000000'],
            'keeps_days' => ['nullable', 'integer:strict', 'min:1', 'max:3650'],
            'is_fish' => ['nullable', 'boolean:strict'],
            'own_word' => ['nullable', 'array', 'list', 'max:100'],
            'own_word.*' => ['array'],
            'own_word.*.species' => ['required', 'string', 'max:100'],
            'own_word.*.taking' => ['required', Rule::enum(Taking::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('food');
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        $isWeighed = $this->input('unit') === FoodUnit::Gram->value;

        return [
            'name' => $this->input('name'), 'form' => $this->input('form'), 'taken_by' => $this->input('taken_by'),
            'protein' => $this->float('protein_percent') / 100, 'dry_matter' => $this->float('dry_matter_percent') / 100,
            'unit' => $this->input('unit'), 'grams_each' => $isWeighed ? 1.0 : $this->float('grams_each'),
            'pack' => $this->input('pack'), 'price' => $this->input('price'), 'keeps_days' => $this->input('keeps_days'), 'is_fish' => $this->boolean('is_fish'),
            'own_word' => array_column((array) $this->input('own_word', []), 'taking', 'species'),
        ];
    }
}
