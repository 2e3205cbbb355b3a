<?php

declare(strict_types=1);

namespace App\Repair;

use Biomegas\Finding\Finding;
use Biomegas\Finding\Refusal;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Log;
use stdClass;
use Throwable;

/**
 * The rows that could not be read in this request. However a row came to be
 * wrong (an older version wrote it, a file was edited by hand), it takes no
 * page down: it is left out, logged, named on Today, and mended or deleted there.
 */
final class UnreadableRows
{
    /** @var array<string, UnreadableRow> */
    private array $rows = [];

    /**
     * @template T
     *
     * @param  Closure(): T  $read
     * @return T|null null when it cannot be read
     */
    public function read(StoredTable $table, int $id, Closure $read): mixed
    {
        try {
            return $read();
        } catch (Throwable $e) { // Whatever is wrong with one row, the others are shown.
            $this->add(new UnreadableRow($table, $id, $e instanceof Refusal ? $e->finding() : Finding::of('unreadable.value'), $e instanceof LeftOut), $e);

            return null;
        }
    }

    /**
     * Those of many rows that can be read.
     *
     * @template R of Model|stdClass
     * @template T
     *
     * @param  iterable<R>  $rows  with an id each
     * @param  Closure(R): T  $read
     * @return list<T>
     */
    public function readAll(StoredTable $table, iterable $rows, Closure $read): array
    {
        $all = [];
        foreach ($rows as $row) {
            $unreadable = $this->read($table, (int) ($row instanceof Model ? $row->getKey() : $row->id), fn (): array => [$read($row)]);
            if ($unreadable !== null) {
                $all[] = $unreadable[0];
            }
        }

        return $all;
    }

    /** @return list<UnreadableRow> */
    public function all(): array
    {
        return array_values($this->rows);
    }

    public function find(StoredTable $table, int $id): ?UnreadableRow
    {
        return $this->rows["{$table->value} {$id}"] ?? null;
    }

    private function add(UnreadableRow $row, Throwable $e): void
    {
        if ($this->find($row->table, $row->id) === null) {
            $this->rows["{$row->table->value} {$row->id}"] = $row;
            Log::warning("A stored row cannot be read and is left out: {$row->table->value} {$row->id}", ['reason' => $e->getMessage(), 'at' => basename($e->getFile()).':'.$e->getLine()]);
        }
    }
}
