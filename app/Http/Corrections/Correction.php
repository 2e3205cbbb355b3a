<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use Biomegas\Finding\InvalidEntry;
use Illuminate\Database\Eloquent\Model;

/**
 * How entries of one kind are corrected: what stands in their fields, and what
 * is written when other words are typed into them.
 *
 * @template M of Model
 */
interface Correction
{
    /**
     * @param  M  $entry
     * @return list<EntryField>
     */
    public function fields(Model $entry): array;

    /**
     * @param  M  $entry
     *
     * @throws InvalidEntry when it cannot have happened like this
     */
    public function apply(Model $entry, EntryBody $body): void;
}
