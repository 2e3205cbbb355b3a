<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Import\Entries\EntryTable;
use App\Language\RequestMessages;
use App\Models\Import;
use Biomegas\Calendar\DateOrder;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\LengthUnit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['columns', 'dates', 'lengths', 'is_fahrenheit'], properties: [
    new OA\Property(property: 'columns', description: 'What each column of the table is, in its order; null: nothing that is read.', type: 'array', items: new OA\Items(type: 'string', nullable: true)),
    new OA\Property(property: 'dates', type: 'string', enum: DateOrder::class),
    new OA\Property(property: 'lengths', description: 'Of bare numbers.', type: 'string', enum: LengthUnit::class),
    new OA\Property(property: 'is_fahrenheit', description: 'Of bare temperatures.', type: 'boolean'),
])]
final class ImportReadingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'columns' => ['present', 'array', 'max:40'],
            'columns.*' => ['nullable', 'string', 'max:40'],
            'dates' => ['required', Rule::enum(DateOrder::class)],
            'lengths' => ['required', Rule::enum(LengthUnit::class)],
            'is_fahrenheit' => ['required', 'boolean:strict'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('import');
    }

    /**
     * @return array<string, int> index by what it is
     *
     * @throws InvalidEntry when one is named twice, or is none of this kind of table
     */
    public function columns(Import $import): array
    {
        $headings = count(EntryTable::read($import->text)->headings);
        $columns = [];
        foreach (array_values((array) $this->input('columns')) as $index => $column) {
            if ($column === null || $index >= $headings) {
                continue;
            }
            if (isset($columns[$column]) || ! in_array($column, $import->kind->columns(), true)) {
                throw InvalidEntry::because("columns.{$index}", Finding::of('import.column_twice'));
            }
            $columns[$column] = $index;
        }

        return $columns;
    }
}
