<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use Biomegas\Finding\InvalidEntry;
use Illuminate\Database\Eloquent\Model;

/**
 * Of entries that are one row: which columns follow from what is typed,
 * checked as when it was first written.
 *
 * @template M of Model
 *
 * @implements Correction<M>
 */
abstract readonly class ColumnCorrection implements Correction
{
    /**
     * Asked while the entry itself is taken out, so that it is not checked against itself.
     *
     * @param  M  $entry
     * @return array<string, mixed>
     *
     * @throws InvalidEntry when it cannot have happened like this
     */
    abstract public function columns(Model $entry, EntryBody $body): array;

    public function apply(Model $entry, EntryBody $body): void
    {
        $entry->deleteQuietly();
        $columns = $this->columns($entry, $body);
        $entry->restoreQuietly(); // @phpstan-ignore method.notFound
        $entry->update($columns);
    }

    /**
     * Whether one that was taken out can still have happened.
     *
     * @param  M  $entry
     *
     * @throws InvalidEntry
     */
    public function check(Model $entry): void
    {
        $this->columns($entry, EntryBody::of($this->fields($entry), [], keep: true));
    }
}
