<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Import\Entries\EntryTable;
use App\Import\Entries\ImportState;
use App\Import\Entries\Reading;
use App\Import\Entries\ReadingGuess;
use App\Import\Entries\RowState;
use App\Models\Import;
use App\Tasks\TaskKind;
use App\Tasks\Tasks;
use Biomegas\Calendar\DateOrder;
use Biomegas\Measure\LengthUnit;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A table of entries: how it is read, and every row.')]
final readonly class ImportSheet
{
    /** Those that want a look come first; the good ones are many. */
    private const ROWS_SHOWN = 200;

    /**
     * @param  list<string>  $headings
     * @param  list<string|null>  $columns
     * @param  list<string>  $possible
     * @param  list<string>  $missing
     * @param  list<ImportLine>  $rows
     * @param  array<string, int>  $counts
     */
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/ImportRow')] public ImportRow $import,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $headings,
        #[OA\Property(description: 'What each column is; null: nothing that is read.', type: 'array', items: new OA\Items(type: 'string', nullable: true))] public array $columns,
        #[OA\Property(description: 'What a column can be.', type: 'array', items: new OA\Items(type: 'string'))] public array $possible,
        #[OA\Property(description: 'What must be there and is in no column.', type: 'array', items: new OA\Items(type: 'string'))] public array $missing,
        #[OA\Property(type: 'string', enum: DateOrder::class)] public DateOrder $dates,
        #[OA\Property(description: 'The dates show their order by themselves.')] public bool $dates_told,
        #[OA\Property(description: 'Of bare numbers.', type: 'string', enum: LengthUnit::class)] public LengthUnit $lengths,
        #[OA\Property(description: 'Of bare temperatures.')] public bool $is_fahrenheit,
        #[OA\Property(description: 'How many rows there are.')] public int $total,
        #[OA\Property(description: 'By state.', type: 'object', required: ['good', 'doubtful', 'refused', 'written'], properties: [
            new OA\Property(property: 'good', type: 'integer'), new OA\Property(property: 'doubtful', type: 'integer'), new OA\Property(property: 'refused', type: 'integer'), new OA\Property(property: 'written', type: 'integer'),
        ])] public array $counts,
        #[OA\Property(description: 'Refused and doubtful ones first, then good ones; the first 200.', type: 'array', items: new OA\Items(ref: ImportLine::class))] public array $rows,
        #[OA\Property(ref: '#/components/schemas/TaskRow', nullable: true)] public ?TaskRow $task,
    ) {
    }

    public static function from(Import $import): self
    {
        $table = EntryTable::read($import->text);
        $reading = Reading::fromArray($import->reading);
        $at = array_flip($reading->columns);
        $task = Tasks::latestOn($import->state === ImportState::Reading || $import->state === ImportState::Read ? TaskKind::Reading : TaskKind::Writing, (string) $import->id);
        $states = array_count_values(array_column($import->rows, 'state'));
        $rows = $import->rows;
        $weight = [RowState::Refused->value => 0, RowState::Doubtful->value => 1, RowState::Good->value => 2, RowState::Written->value => 3];
        usort($rows, fn (array $a, array $b): int => [$weight[$a['state']], $a['line']] <=> [$weight[$b['state']], $b['line']]);

        return new self(
            ImportRow::from($import), $table->headings, array_map(fn (int $index): ?string => $at[$index] ?? null, array_keys($table->headings)), $import->kind->columns(),
            array_values(array_diff($import->kind->needed(), array_keys($reading->columns))),
            $reading->dates, ReadingGuess::datesTold($table, $reading->columns) !== null, $reading->lengths, $reading->isFahrenheit, count($table->rows),
            array_combine(array_column(RowState::cases(), 'value'), array_map(fn (RowState $state): int => $states[$state->value] ?? 0, RowState::cases())),
            array_map(fn (array $row): ImportLine => new ImportLine($row['line'], RowState::from($row['state']), $row['sentences'], $table->rows[$row['line'] - 2]), array_slice($rows, 0, self::ROWS_SHOWN)),
            $task === null ? null : TaskRow::from($task),
        );
    }
}
