<?php

declare(strict_types=1);

namespace App\Facility;

use Closure;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\Log;
use PDOException;

/** A table of what may be lost at any time: it is made when it is missing, and where it cannot be used everything is worked out anew. */
final class AnswersTable
{
    private bool $isThere = false;

    /**
     * @param  Closure(): Connection  $database  opened when it is first needed
     * @param  string  $columns  as SQL defines them
     */
    public function __construct(private readonly Closure $database, private readonly string $name, private readonly string $columns)
    {
    }

    /**
     * @template T
     *
     * @param  Closure(Connection): T  $use
     * @return T|null
     */
    public function trying(Closure $use): mixed
    {
        try {
            $database = ($this->database)();
            if (! $this->isThere) {
                $database->statement("create table if not exists {$this->name} ({$this->columns})");
                $this->isThere = true;
            }

            return $use($database);
        } catch (PDOException $e) { // Busy, full, read-only or damaged: slower, not down.
            Log::warning('Answers cannot be kept.', ['reason' => $e->getMessage()]);

            return null;
        }
    }
}
