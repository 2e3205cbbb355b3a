<?php

declare(strict_types=1);

namespace App\Repair;

use Biomegas\Finding\Finding;

/** A row that was left out, and why. */
final readonly class UnreadableRow
{
    public function __construct(
        public StoredTable $table,
        public int $id,
        public Finding $reason,
        /** Nothing is wrong with it: it waits for another row to be mended. */
        public bool $isWaiting,
    ) {
    }
}
