<?php

declare(strict_types=1);

namespace App\Import\Entries;

use App\Language\Messages;
use App\Models\Import;
use App\Models\User;
use App\Tasks\Progress;
use App\Tasks\Stopped;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Support\Facades\DB;

/** Reads a table row by row on a copy of the database, and writes it into the database itself once that is wanted. */
final readonly class EntryImport
{
    private const COPY = 'copy';

    public function __construct(private TypedEntry $typed)
    {
    }

    /**
     * Each row is written into a copy, after those above it: nobody who writes meanwhile has to wait, and nothing is changed.
     *
     * @throws Stopped
     */
    public function read(Import $import, ?Progress $progress = null): void
    {
        $user = User::query()->findOrFail($import->user_id);
        $table = EntryTable::read($import->text);
        $copy = (string) tempnam(sys_get_temp_dir(), 'biomegas-import');
        unlink($copy);
        DB::statement('vacuum into ?', [$copy]);
        $live = DB::getDefaultConnection();
        config(['database.connections.'.self::COPY => [...config("database.connections.{$live}"), 'database' => $copy, 'synchronous' => 'OFF', 'journal_mode' => 'MEMORY']]);
        DB::setDefaultConnection(self::COPY);
        try {
            $rows = $this->rows($import, $table, $user, $progress);
        } finally {
            DB::setDefaultConnection($live);
            DB::purge(self::COPY);
            @unlink($copy);
        }
        $import->update(['rows' => $rows, 'state' => ImportState::Read]);
    }

    /** @return list<array{line: int, state: string, sentences: list<string>}> */
    private function rows(Import $import, EntryTable $table, User $user, ?Progress $progress): array
    {
        $entries = new RowEntry($import->kind, Reading::fromArray($import->reading));
        $says = Messages::ofFacility();
        $there = new ThereAlready($import->kind);
        $rows = [];
        foreach ($table->rows as $i => $cells) {
            $progress?->reach($i / count($table->rows));
            try {
                [$path, $body] = $entries->of($cells);
                $twin = $there->has($path, $body);
                [, $sentences, $isDoubt] = $this->typed->send($user, $path, $body, false);
                $state = $sentences === [] ? RowState::Good : ($isDoubt ? RowState::Doubtful : RowState::Refused);
                if ($twin && $state !== RowState::Refused) {
                    [$state, $sentences] = [RowState::Doubtful, [...$sentences, $says->say(Finding::of('import.there_already'))]];
                }
            } catch (InvalidEntry $e) {
                [$state, $sentences] = [RowState::Refused, [$says->say($e->finding())]];
            }
            $rows[] = (new ReadRow($i + 2, $state, $sentences))->toArray();
        }

        return $rows;
    }

    /**
     * The good rows, and the doubtful ones if that is wanted: each for itself, and remembered with it, so
     * that what a broken off import has written can be gone on with or taken back.
     *
     * @throws Stopped what was written until then stays, and is taken back as one
     */
    public function write(Import $import, bool $withDoubtful, ?Progress $progress = null): void
    {
        $user = User::query()->findOrFail($import->user_id);
        $table = EntryTable::read($import->text);
        $entries = new RowEntry($import->kind, Reading::fromArray($import->reading));
        [$rows, $written] = [$import->rows, $import->written];
        try {
            foreach ($rows as $i => $row) {
                $progress?->reach($i / count($rows));
                $state = RowState::from($row['state']);
                if ($state !== RowState::Good && ! ($withDoubtful && $state === RowState::Doubtful)) {
                    continue;
                }
                DB::transaction(function () use (&$rows, &$written, $i, $table, $entries, $import, $user, $withDoubtful): void {
                    [$path, $body] = $entries->of($table->rows[$i]);
                    [$id, $sentences] = $this->typed->send($user, $path, $body, $withDoubtful);
                    $rows[$i] = (new ReadRow($rows[$i]['line'], $id === null ? RowState::Refused : RowState::Written, $sentences))->toArray();
                    if ($id !== null) {
                        $written[] = [$import->kind->table(), $id];
                    }
                    DB::table('imports')->where('id', $import->id)->update(['rows' => json_encode($rows), 'written' => json_encode($written)]);
                });
            }
        } finally {
            $import->refresh()->update(['state' => ImportState::Written]);
        }
    }
}
