<?php

declare(strict_types=1);

namespace App\Http;

use App\Facility\AnswersTable;
use App\Facility\ProjectionCacheDatabase;
use App\Facility\ReadMark;
use App\Facility\TimeOfDay;
use Biomegas\Calendar\LocalMoment;
use Illuminate\Database\Connection;

/**
 * Pages as they were answered last, while no row of the place has changed
 * (docs/decisions/0037): of a state that is past nothing comes back, so its
 * pages go when the first of a new one is kept.
 */
final readonly class KeptPages
{
    /** Of all pages together; when it is full it begins anew. */
    private const MOST_BYTES = 64_000_000;

    private AnswersTable $table;

    public function __construct(private TimeOfDay $clock)
    {
        $this->table = new AnswersTable(ProjectionCacheDatabase::open(...), 'pages', 'page text primary key, mark text not null, day text not null, minute text not null, body blob not null');
    }

    /** @return string|null JSON; null when it must be worked out */
    public function find(string $page, string $mark, LocalMoment $now): ?string
    {
        return $this->table->trying(fn (Connection $database): ?string => $database->table('pages')->where(['page' => $page, 'mark' => $mark, 'day' => $now->date->toIso()])->whereIn('minute', ['', $now->time()])->value('body'));
    }

    /**
     * @param  string  $mark  as it was before the page was worked out
     * @param  LocalMoment  $at  when that began: what midnight came into is asked for by nobody any more
     */
    public function keep(string $page, string $mark, LocalMoment $at, string $body): void
    {
        // What was written meanwhile may be in it, or may not.
        if ($mark !== ReadMark::ofThePlace()) {
            return;
        }
        $row = ['page' => $page, 'mark' => $mark, 'day' => $at->date->toIso(), 'minute' => $this->clock->wasAsked() ? $at->time() : '', 'body' => $body];
        $this->table->trying(function (Connection $database) use ($row): void {
            $pages = $database->table('pages');
            $pages->clone()->where('mark', '!=', $row['mark'])->orWhere('day', '!=', $row['day'])->delete();
            if ((int) $pages->clone()->sum($database->raw('length(body)')) + strlen($row['body']) > self::MOST_BYTES) {
                $pages->clone()->delete();
            }
            $pages->clone()->upsert([$row], ['page']);
        });
    }
}
