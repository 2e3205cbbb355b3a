<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use Biomegas\Calendar\LocalDate;
use Biomegas\Moving\Quarantine\ProductClass;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['product_class', 'date', 'until'], properties: [
    new OA\Property(property: 'product_class', type: 'string', enum: ProductClass::class),
    new OA\Property(property: 'dose', description: 'As the label gives it.', type: 'string', nullable: true),
    new OA\Property(property: 'date', description: 'The first day.', type: 'string', format: 'date'),
    new OA\Property(property: 'until', description: 'The last day.', type: 'string', format: 'date'),
    new OA\Property(property: 'withdrawal', description: 'Until when it works on.', type: 'string', format: 'date', nullable: true),
])]
final class TreatmentRequest extends FormRequest
{
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'product_class' => ['required', Rule::enum(ProductClass::class)],
            'dose' => ['nullable', 'string', 'max:200'],
            'date' => ['required', Day::any()],
            'until' => ['required', Day::onOrAfter('date')],
            'withdrawal' => ['nullable', Day::onOrAfter('until')],
        ];
    }

    public function until(): LocalDate
    {
        return LocalDate::fromIso($this->string('until')->value());
    }

    public function withdrawal(): ?LocalDate
    {
        return $this->filled('withdrawal') ? LocalDate::fromIso($this->string('withdrawal')->value()) : null;
    }
}
