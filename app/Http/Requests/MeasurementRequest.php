<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\FishLengthReader;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnreadableLength;
use Biomegas\Rulebook\Method;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['length', 'date', 'method'], properties: [
    new OA\Property(property: 'length', description: 'As typed: 9.5 in, 9 1/2", 24cm, 240 mm, or a bare number in the unit of the facility.', type: 'string'),
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'method', type: 'string', enum: Method::class),
    new OA\Property(property: 'length_kind', description: 'Left out: the length that its species is stated in.', type: 'string', enum: LengthKind::class, nullable: true),
    new OA\Property(property: 'sample', description: 'How many of a shoal were measured; the length is their mean.', type: 'integer', nullable: true),
    new OA\Property(property: 'spread_mm', description: 'Standard deviation between them.', type: 'number', nullable: true),
    new OA\Property(property: 'keep', description: 'Record an unlikely length all the same.', type: 'boolean'),
    new OA\Property(property: 'version', description: 'With a correction: the version that was corrected.', type: 'integer'),
])]
final class MeasurementRequest extends FormRequest
{
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'length' => ['required', 'string', 'max:40'],
            'date' => ['required', Day::any()],
            'method' => ['required', Rule::enum(Method::class)],
            'length_kind' => ['nullable', Rule::enum(LengthKind::class)],
            'sample' => ['nullable', 'integer:strict', 'min:1', 'max:65535'],
            'spread_mm' => ['nullable', 'numeric:strict', 'min:0', 'max:6000'],
            'keep' => ['boolean:strict'],
            'version' => [$this->isMethod('PUT') ? 'required' : 'sometimes', 'integer:strict'],
        ];
    }

    /** @throws InvalidEntry when the length or the day cannot be read */
    public function measured(Units $units): MeasuredLength
    {
        try {
            $length = (new FishLengthReader($units->length))->read($this->string('length')->value());
        } catch (UnreadableLength $e) {
            throw InvalidEntry::because('length', $e->finding());
        }

        return new MeasuredLength(
            $this->day(),
            $length,
            Method::from($this->string('method')->value()),
            LengthKind::tryFrom($this->string('length_kind')->value()),
            max(1, $this->integer('sample', 1)),
            $this->filled('spread_mm') ? $this->float('spread_mm') : null,
        );
    }
}
