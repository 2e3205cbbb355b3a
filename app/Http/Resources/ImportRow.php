<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Import\Entries\ImportKind;
use App\Import\Entries\ImportState;
use App\Models\Import;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A table of entries that somebody brought.')]
final readonly class ImportRow
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(type: 'string', enum: ImportKind::class)] public ImportKind $kind,
        #[OA\Property(description: 'Of the file.')] public string $name,
        #[OA\Property(type: 'string', enum: ImportState::class)] public ImportState $state,
        #[OA\Property(description: 'How many entries it wrote.')] public int $written,
        #[OA\Property(format: 'date-time')] public ?string $brought_at,
    ) {
    }

    public static function from(Import $import): self
    {
        return new self($import->id, $import->kind, $import->name, $import->state, count($import->written), $import->created_at?->toIso8601ZuluString());
    }
}
