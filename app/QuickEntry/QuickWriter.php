<?php

declare(strict_types=1);

namespace App\QuickEntry;

use App\Import\Entries\TypedEntry;
use App\Log\LogKind;
use App\Models\Fish;
use App\Models\System;
use App\Models\User;
use Biomegas\Calendar\LocalMoment;
use Biomegas\Company\Harm;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Losses\CountKind;
use Biomegas\QuickEntry\Lexicon;
use Biomegas\QuickEntry\LineReader;
use Biomegas\QuickEntry\QuickEntry;
use Biomegas\QuickEntry\QuickKind;
use Biomegas\Rulebook\Method;
use Illuminate\Support\Facades\DB;

/** Sends a line that was typed to where a keeper's form would send it. */
final readonly class QuickWriter
{
    public function __construct(private TypedEntry $entries)
    {
    }

    /** @throws InvalidEntry "text" when it cannot be read */
    public function read(string $typed): QuickEntry
    {
        return self::reader()->read($typed);
    }

    /**
     * Of a line that cannot be read.
     *
     * @return array{QuickEntry|null, list<string>} what it most likely writes down, null where nothing in it tells, and the line as it may be meant
     */
    public function meant(string $typed): array
    {
        $reader = self::reader();

        return [$reader->nearest($typed), $reader->instead($typed)];
    }

    private static function reader(): LineReader
    {
        return new LineReader(self::lexicon(), self::names('fish'), self::names('systems'));
    }

    /**
     * @param  bool  $keep  also what is unlikely
     * @return array{int|null, list<string>, bool} the line of the log, else what stands against it, and whether that is a doubt
     */
    public function write(QuickEntry $entry, User $user, LocalMoment $at, bool $keep): array
    {
        [$path, $body] = self::request($entry, $at->date->toIso(), $at->time());
        [$id, $against, $isDoubt] = $this->entries->send($user, $path, $body, $keep);
        $line = $id === null ? null : DB::table('log_lines')->where(['kind' => self::logKind($entry->kind)->value, 'row_id' => $id])->value('id');

        return [$line === null ? null : (int) $line, $against, $isDoubt];
    }

    private static function lexicon(): Lexicon
    {
        return new Lexicon(...array_map(fn (mixed $words): array => (array) $words, (array) trans('quick')));
    }

    /**
     * Of homes in use, and of all fish: that one is gone is said by its name.
     *
     * @return list<string>
     */
    private static function names(string $table): array
    {
        return array_values(DB::table($table)->when($table === 'systems', fn ($in) => $in->whereNull('retired_on'))->orderBy('id')->pluck('name')->all());
    }

    /** @return array{string, array<string, mixed>} the address below /api/v1/, and what is sent to it */
    private static function request(QuickEntry $entry, string $date, string $time): array
    {
        $fish = fn (): int => Fish::query()->where('name', $entry->fish)->firstOrFail()->id;
        $other = fn (): ?int => $entry->other === null ? null : Fish::query()->where('name', $entry->other)->firstOrFail()->id;
        $system = fn (): int => System::query()->where('name', $entry->system)->firstOrFail()->id;

        return match ($entry->kind) {
            QuickKind::Length => ["fish/{$fish()}/measurements", ['date' => $date, 'length' => $entry->length, 'method' => $entry->how ?? Method::Hand->value]],
            QuickKind::Count => ["fish/{$fish()}/counts", ['date' => $date, 'number' => $entry->number, 'kind' => $entry->how ?? CountKind::AtLeast->value]],
            QuickKind::Loss => ["fish/{$fish()}/losses", ['date' => $date, 'kind' => $entry->how, ...($entry->number === null ? [] : ['count' => $entry->number])]],
            QuickKind::Move => ["fish/{$fish()}/moves", ['date' => $date, 'to_system_id' => $system()]],
            QuickKind::Incident => ['incidents', ['actor_id' => $fish(), 'target_id' => $other(), 'act' => $entry->how, 'harm' => $entry->harm ?? Harm::None->value, 'date' => $date, 'time' => $time, 'occasions' => []]],
            QuickKind::Test => ["systems/{$system()}/water-tests", ['date' => $date, 'values' => $entry->values]],
            QuickKind::Change => ["systems/{$system()}/water-works", ['date' => $date, 'kind' => 'water-change', 'percent' => $entry->percent]],
            QuickKind::Meal => ["systems/{$system()}/meals", ['date' => $date, 'time' => $time, 'outcome' => 'eaten']],
            QuickKind::Note => ['notes', ['date' => $date, 'time' => $time, 'text' => $entry->text, 'fish_id' => $entry->fish === null ? null : $fish(), 'system_id' => $entry->system === null ? null : $system()]],
        };
    }

    private static function logKind(QuickKind $kind): LogKind
    {
        return match ($kind) {
            QuickKind::Length => LogKind::Length,
            QuickKind::Count => LogKind::Count,
            QuickKind::Loss => LogKind::Loss,
            QuickKind::Move => LogKind::Move,
            QuickKind::Incident => LogKind::Incident,
            QuickKind::Test => LogKind::Test,
            QuickKind::Change => LogKind::Work,
            QuickKind::Meal => LogKind::Meal,
            QuickKind::Note => LogKind::Note,
        };
    }
}
