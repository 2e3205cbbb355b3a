<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Biomegas\Moving\Quarantine\ProductClass;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['product_class', 'date', 'until'], properties: [
    new OA\Property(property: 'product_class', type: 'string', enum: ProductClass::class),
    new OA\Property(property: 'dose', description: 'As the label gives it.', type: 'string', nullable: true),
    new OA\Property(property: 'date', description: 'The first day.', type: 'string', format: 'date'),
    new OA\Property(property: 'until', description: 'The last day.', type: 'string', format: 'date'),
    new OA\Property(property: 'withdrawal', description: 'Until when it works on.', type: 'string', format: 'date', nullable: true),
])]
final class TreatmentRequest extends LogRequest
{
    public function rules(): array
    {
        return [
            'product_class' => ['required', Rule::enum(ProductClass::class)],
            'dose' => ['nullable', 'string', 'max:200'],
            'date' => ['required', 'date_format:Y-m-d'],
            'until' => ['required', 'date_format:Y-m-d', 'after_or_equal:date'],
            'withdrawal' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:until'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...parent::messages(), 'date_format' => 'Give the day as year-month-day.', 'after_or_equal' => 'It ends after it begins: choose a later day.'];
    }
}
