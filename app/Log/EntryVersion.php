<?php

declare(strict_types=1);

namespace App\Log;

use Illuminate\Database\Eloquent\Model;

/** How an entry stood after one change. */
final readonly class EntryVersion
{
    public function __construct(
        /** Of the change; 0: the first, where nothing was noted of it. */
        public int $id,
        /** "created", "updated", "deleted" or "restored". */
        public string $event,
        /** ISO 8601 on the clock of the server; null: not known. */
        public ?string $at,
        public ?int $userId,
        public Model $state,
    ) {
    }
}
