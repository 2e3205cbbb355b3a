<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\Units;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\ValueReader;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['date', 'values'], properties: [
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'values', description: 'By quantity (temperature_c, ph, ammonia_mg_l and so on), as typed: 78 F, 0.25 ppm, 0.2 mg/l N.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    new OA\Property(property: 'note', type: 'string', nullable: true),
    new OA\Property(property: 'keep', description: 'Record unlikely values all the same.', type: 'boolean'),
])]
final class WaterTestRequest extends FormRequest
{
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'date' => ['required', Day::any()],
            'values' => ['present', 'array', 'max:20'],
            'values.*' => ['nullable', 'string', 'max:40'],
            'note' => ['nullable', 'string', 'max:500'],
            'keep' => ['boolean:strict'],
        ];
    }

    /**
     * @return array<value-of<Quantity>, float> in the units of the quantities; what was left empty is left out
     *
     * @throws InvalidEntry naming the quantity
     */
    public function values(Units $units): array
    {
        $reader = new ValueReader($units->temperature);
        $values = [];
        /** @var array<string, string|null> $typed */
        $typed = $this->input('values');
        foreach ($typed as $name => $text) {
            $quantity = Quantity::tryFrom((string) $name) ?? throw InvalidEntry::because('values', Finding::of('entry.no_such_quantity', name: (string) $name));
            if (trim((string) $text) !== '') {
                $values[$quantity->value] = $reader->read($quantity, (string) $text);
            }
        }

        return $values;
    }
}
