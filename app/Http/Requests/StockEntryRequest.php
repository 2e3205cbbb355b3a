<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Biomegas\Food\FoodUnit;
use Biomegas\Food\StockEntryKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['date', 'kind'], properties: [
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'kind', type: 'string', enum: StockEntryKind::class),
    new OA\Property(property: 'amount', description: 'In the unit of the food; not with an opening.', type: 'number', nullable: true),
    new OA\Property(property: 'unit', description: 'That it was counted in; null: that of the food.', type: 'string', enum: FoodUnit::class, nullable: true),
    new OA\Property(property: 'price', description: 'Of all that was bought, in the facility\'s money.', type: 'number', nullable: true),
])]
final class StockEntryRequest extends FormRequest
{
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'date' => ['required', Day::any()],
            'kind' => ['required', Rule::enum(StockEntryKind::class)],
            'amount' => ['nullable', 'numeric:strict', 'max:1000000'],
            'unit' => ['nullable', Rule::enum(FoodUnit::class)],
            'price' => ['nullable', 'numeric:strict', 'min:0', 'max:1000000', 'prohibited_unless:kind,bought'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('stock_entry');
    }

    public function kind(): StockEntryKind
    {
        return StockEntryKind::from($this->string('kind')->value());
    }
}
