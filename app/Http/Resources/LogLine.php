<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use App\Log\LogKind;
use App\Log\LogPage;
use App\Log\Names;
use App\Log\PicturesOfEntries;
use App\Log\Teller;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema(description: 'One entry of the log.')]
final readonly class LogLine
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(type: 'string', enum: LogKind::class)] public LogKind $kind,
        #[OA\Property(description: 'The number of the record that it tells of.')] public int $row_id,
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(description: 'HH:MM; null: only the day is known.')] public ?string $time,
        #[OA\Property(description: 'What happened.')] public string $sentence,
        /** @var list<LogSubject> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: LogSubject::class))] public array $fish,
        /** @var list<LogSubject> */
        #[OA\Property(type: 'array', items: new OA\Items(ref: LogSubject::class))] public array $systems,
        #[OA\Property(description: 'Who wrote it; null: not known.')] public ?string $author,
        #[OA\Property(description: 'When it was written.', format: 'date-time')] public ?string $written_at,
        #[OA\Property] public bool $is_removed,
        /** @var list<int> */
        #[OA\Property(description: 'Numbers of the pictures that go with it.', type: 'array', items: new OA\Items(type: 'integer'))] public array $pictures,
    ) {
    }

    /** @return list<self> */
    public static function all(LogPage $page, Teller $teller, Messages $says): array
    {
        $told = $teller->tellAll($page->lines);
        $pictures = PicturesOfEntries::of($page->lines);

        return array_map(fn (stdClass $line): self => self::from($line, $says->say($told[$line->id]), $teller->names, $pictures->to($line)), $page->lines);
    }

    /** @param  list<int>  $pictures  that go with it */
    public static function from(stdClass $line, string $sentence, Names $names, array $pictures): self
    {
        $author = $names->user($line->user_id);

        return new self(
            $line->id, LogKind::from($line->kind), $line->row_id, $line->date, $line->time, $sentence,
            self::subjects([$line->fish_id, $line->other_fish_id], $names->fish(...)), self::subjects([$line->other_system_id, $line->system_id], $names->system(...)),
            $author === '' ? null : $author, $line->written_at === null ? null : str_replace(' ', 'T', $line->written_at).'Z', $line->removed_at !== null, $pictures,
        );
    }

    /**
     * @param  list<int|null>  $ids
     * @param  callable(int): string  $name
     * @return list<LogSubject>
     */
    private static function subjects(array $ids, callable $name): array
    {
        return array_map(fn (int $id): LogSubject => new LogSubject($id, $name($id)), array_values(array_unique(array_filter($ids, fn (?int $id): bool => $id !== null))));
    }
}
