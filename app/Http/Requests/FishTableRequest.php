<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Import\FishTable;
use App\Language\RequestMessages;
use Biomegas\Calendar\DateOrder;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Rulebook\Method;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'FishTableRequest', properties: [
    new OA\Property(property: 'text', description: 'As pasted: a line each of name, species, system, date, length, count, males, females; or with a line of headings.', type: 'string', nullable: true),
    new OA\Property(property: 'rows', description: 'As typed, by column.', type: 'array', nullable: true, items: new OA\Items(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))),
    new OA\Property(property: 'date_order', description: 'How dates are meant where the table does not tell.', type: 'string', enum: DateOrder::class, nullable: true),
    new OA\Property(property: 'method', description: 'How the lengths were taken.', type: 'string', enum: Method::class, nullable: true),
])]
final class FishTableRequest extends FormRequest
{
    private const MOST_CHARACTERS = 1_000_000;

    /** More rows than are taken, so that it can be said how many there are. */
    private const MOST_ROWS = 20_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'text' => ['nullable', 'string', 'max:'.self::MOST_CHARACTERS, 'required_without:rows'],
            'rows' => ['nullable', 'array', 'max:'.self::MOST_ROWS],
            'rows.*' => ['array'],
            'date_order' => ['nullable', Rule::enum(DateOrder::class)],
            'method' => ['nullable', Rule::enum(Method::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('fish_table');
    }

    /** @throws InvalidEntry */
    public function table(): FishTable
    {
        return $this->filled('rows') ? FishTable::typed(array_values((array) $this->input('rows'))) : FishTable::pasted($this->string('text')->value());
    }

    public function howMeasured(): Method
    {
        return Method::tryFrom($this->string('method')->value()) ?? Method::Ruler;
    }
}
