<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Import\CheckedRow;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One row of a table as it was read.')]
final readonly class CheckedTableRow
{
    /**
     * @param  array<string, string>  $typed
     * @param  list<string>  $doubts
     */
    public function __construct(
        #[OA\Property] public int $line,
        #[OA\Property(type: 'string', enum: ['fish', 'length'])] public string $brings,
        #[OA\Property(description: 'As typed, by column.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))] public array $typed,
        #[OA\Property(format: 'date')] public ?string $date,
        #[OA\Property] public ?float $length_mm,
        #[OA\Property(description: 'What to do, by column.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))] public object $errors,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $doubts,
    ) {
    }

    public static function from(CheckedRow $row): self
    {
        $typed = $row->typed;
        unset($typed['line']);

        return new self(
            $row->typed['line'],
            $row->speciesId === null && $row->isGood() ? 'length' : ($row->fishId === null ? 'fish' : 'length'),
            $typed,
            $row->date?->toIso(),
            $row->lengthMm === null ? null : round($row->lengthMm, 1),
            (object) $row->errors,
            $row->doubts,
        );
    }
}
