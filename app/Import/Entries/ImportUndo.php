<?php

declare(strict_types=1);

namespace App\Import\Entries;

use App\Log\EntryRemoval;
use App\Models\Count;
use App\Models\Import;
use App\Models\Loss;
use App\Models\Measurement;
use App\Models\Move;
use App\Models\WaterTest;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Database\Eloquent\Model;

/** Takes back what an import wrote, the last first: all of it or nothing. */
final readonly class ImportUndo
{
    public function __construct(private EntryRemoval $removal)
    {
    }

    /** @throws InvalidEntry when later entries rest on one of them */
    public function of(Import $import): void
    {
        foreach (array_reverse($import->written) as [, $id]) {
            $entry = self::model($import->kind)::query()->find($id);
            if ($entry !== null) {
                $this->removal->remove($entry);
            }
        }
        $import->update(['state' => ImportState::Undone]);
    }

    /** @return class-string<Model> */
    private static function model(ImportKind $kind): string
    {
        return match ($kind) {
            ImportKind::Lengths => Measurement::class,
            ImportKind::Tests => WaterTest::class,
            ImportKind::Counts => Count::class,
            ImportKind::Losses => Loss::class,
            ImportKind::Moves => Move::class,
        };
    }
}
