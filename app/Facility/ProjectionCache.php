<?php

declare(strict_types=1);

namespace App\Facility;

use Closure;
use Illuminate\Database\Connection;
use Illuminate\Database\Query\Builder;

/**
 * Answers of the core, kept until what they were computed from changes: a row
 * each in a database of their own, filed under a fingerprint of the whole
 * input and of the code, so nothing can go stale. Answers are grouped by what
 * all of them rest on (the day, the rulebook, the systems): a page that wants
 * many of a name reads them in one query, and groups of days past are dropped;
 * a lasting one rests on nothing that all of it has in common, and stays.
 * All of it may be lost or unwritable at any time: then everything is computed
 * anew.
 */
final class ProjectionCache
{
    /** A group whose name begins so stays when days pass and systems change: each of its answers says what it rests on. */
    public const LASTING = 'lasting ';

    private const KEPT_SECONDS = 2 * 86400;

    private const LASTING_KEPT_SECONDS = 60 * 86400;

    /** Groups of one day: changes of systems and rules that may be taken back. */
    private const MOST_GROUPS = 6;

    private const MOST_OF_A_GROUP = 6000;

    private const PER_STATEMENT = 200;

    /** So many answers of a group and name are asked for one by one, before all are read: as many as one fish needs. */
    private const MOST_ASKED_SINGLY = 3;

    private const AFTER_NAME = ':';

    /** What comes next in the order of characters. */
    private const AFTER_ALL_OF_A_NAME = ';';

    /** @var array<string, array<string, array<string, string>>> as they are stored, by group, name and fingerprint: where all were read */
    private array $stored = [];

    /** @var array<string, array<string, int>> how many were asked for one by one, by group and name */
    private array $asked = [];

    /** @var array<string, array<string, array<mixed>>> the answer and what it rests on, by group and fingerprint */
    private array $answers = [];

    /** @var array<string, array<string, string>> computed in this request, serialised, by group and fingerprint */
    private array $new = [];

    /** @var array<string, string> the one answer that stays of each group that holds the last alone */
    private array $alone = [];

    private readonly AnswersTable $table;

    /** @param  Closure(): Connection  $database  opened when it is first needed */
    public function __construct(Closure $database, private readonly string $codeVersion)
    {
        $this->table = new AnswersTable($database, 'answers', 'id integer primary key, "group" text not null, fingerprint text not null, answer blob not null, kept_at integer not null, unique ("group", fingerprint)');
    }

    /**
     * @template T
     *
     * @param  string  $group  fingerprint of what all answers of the group rest on
     * @param  string  $name  what is asked: answers of one name are read together
     * @param  list<mixed>  $input  all else that the answer depends on
     * @param  Closure(): T  $compute
     * @return T
     */
    public function of(string $group, string $name, array $input, Closure $compute): mixed
    {
        [$group, $fingerprint] = $this->place($group, $name, $input);
        $known = $this->known($group, $fingerprint);

        return $known === null ? $this->file($group, $fingerprint, [$compute()])[0] : $known[0];
    }

    /**
     * An answer that rests on less than all there is, and only the search for
     * it shows on what: that is kept with it, and it holds as long as that is
     * what it was. Of one input the last answer is kept. Names stay one text:
     * to read back a list of forty takes longer than the answer.
     *
     * @template T
     *
     * @param  string  $group  as above
     * @param  string  $name  as above
     * @param  list<mixed>  $input  what it depends on in any case
     * @param  Closure(): array{T, string}  $compute  the answer, and the names of what it rests on
     * @param  Closure(string): string  $print  fingerprint of all that bear these names
     * @return T
     */
    public function restingOn(string $group, string $name, array $input, Closure $compute, Closure $print): mixed
    {
        [$group, $fingerprint] = $this->place($group, $name, $input);
        $known = $this->known($group, $fingerprint);
        if ($known !== null && $known[2] === $print($known[1])) {
            return $known[0];
        }
        [$answer, $names] = $compute();

        return $this->file($group, $fingerprint, [$answer, $names, $print($names)])[0];
    }

    /**
     * What is large and changes as a whole: the last of its name alone is kept,
     * and holds as long as the state is the one it was computed in.
     *
     * @template T
     *
     * @param  Closure(): array{T, bool}  $compute  the answer, and whether it may be kept
     * @return T
     */
    public function last(string $name, string $state, Closure $compute): mixed
    {
        [$group, $fingerprint] = $this->place($name, 'last', [$state]);
        $known = $this->known($group, $fingerprint);
        if ($known !== null) {
            return $known[0];
        }
        [$answer, $mayBeKept] = $compute();
        if ($mayBeKept) {
            $this->alone[$group] = $fingerprint;
            $this->file($group, $fingerprint, [$answer]);
        }

        return $answer;
    }

    /**
     * @param  list<mixed>  $input
     * @return array{string, string} group and fingerprint, which begins with the name
     */
    private function place(string $group, string $name, array $input): array
    {
        $lasting = str_starts_with($group, self::LASTING) ? self::LASTING : '';

        return [$lasting.hash('xxh128', "{$this->codeVersion} {$group}"), $name.self::AFTER_NAME.hash('xxh128', serialize($input))];
    }

    /** @return array<mixed>|null as it was filed */
    private function known(string $group, string $fingerprint): ?array
    {
        if (! isset($this->answers[$group][$fingerprint])) {
            $stored = $this->stored($group, $fingerprint);
            if ($stored === null) {
                return null;
            }
            $this->answers[$group][$fingerprint] = unserialize($stored);
        }

        return $this->answers[$group][$fingerprint];
    }

    /**
     * @template T of array
     *
     * @param  T  $answer
     * @return T
     */
    private function file(string $group, string $fingerprint, array $answer): array
    {
        $this->new[$group][$fingerprint] = serialize($answer);

        return $this->answers[$group][$fingerprint] = $answer;
    }

    /** Files what was computed anew; at the end of a request. */
    public function keep(): void
    {
        if ($this->new === []) {
            return;
        }
        $this->table->trying(function (Connection $database): void {
            $table = $database->table('answers');
            foreach ($this->new as $group => $answers) {
                $rows = array_map(fn (string $fingerprint, string $answer): array => ['group' => $group, 'fingerprint' => $fingerprint, 'answer' => $answer, 'kept_at' => now()->getTimestamp()], array_keys($answers), $answers);
                foreach (array_chunk($rows, self::PER_STATEMENT) as $some) {
                    $table->clone()->upsert($some, ['group', 'fingerprint'], ['answer', 'kept_at']);
                }
                $this->drop($database, $group, count($answers));
            }
        });
        $this->new = [];
    }

    /** @param  int  $filed  how many answers were filed in it now */
    private function drop(Connection $database, string $group, int $filed): void
    {
        $table = $database->table('answers');
        if (isset($this->alone[$group])) {
            $table->clone()->where('group', $group)->where('fingerprint', '!=', $this->alone[$group])->delete();
        }
        $isNew = $table->clone()->where('group', $group)->count() === $filed;
        if ($isNew) {
            $passing = $table->clone()->whereNot(fn (Builder $group): Builder => self::lasts($group));
            $passing->clone()->where('kept_at', '<', now()->getTimestamp() - self::KEPT_SECONDS)->delete();
            self::lasts($table->clone())->where('kept_at', '<', now()->getTimestamp() - self::LASTING_KEPT_SECONDS)->delete();
            $passing->clone()->whereNotIn('group', $passing->clone()->groupBy('group')->orderByRaw('max(id) desc')->limit(self::MOST_GROUPS)->select('group'))->delete();
        }
        $last = $table->clone()->where('group', $group)->orderByDesc('id')->skip(self::MOST_OF_A_GROUP)->value('id');
        if ($last !== null) {
            $table->clone()->where('group', $group)->where('id', '<=', $last)->delete();
        }
    }

    private static function lasts(Builder $answers): Builder
    {
        return $answers->where('group', 'like', self::LASTING.'%');
    }

    /** As it is stored; null: it is not. */
    private function stored(string $group, string $fingerprint): ?string
    {
        $name = (string) strstr($fingerprint, self::AFTER_NAME, true);
        $asked = $this->asked[$group][$name] ?? 0;
        if (! isset($this->stored[$group][$name]) && $asked < self::MOST_ASKED_SINGLY) {
            $this->asked[$group][$name] = $asked + 1;

            return $this->table->trying(fn (Connection $database): ?string => $database->table('answers')->where('group', $group)->where('fingerprint', $fingerprint)->value('answer'));
        }
        $this->stored[$group][$name] ??= $this->load($group, $name);

        return $this->stored[$group][$name][$fingerprint] ?? null;
    }

    /** @return array<string, string> by fingerprint */
    private function load(string $group, string $name): array
    {
        return $this->table->trying(fn (Connection $database): array => $database->table('answers')->where('group', $group)->where('fingerprint', '>', $name.self::AFTER_NAME)->where('fingerprint', '<', $name.self::AFTER_ALL_OF_A_NAME)->pluck('answer', 'fingerprint')->all()) ?? [];
    }
}
