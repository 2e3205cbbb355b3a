<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Facility\FacilityReader;
use App\Log\LogIndex;
use App\Log\Names;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Water\Test\Quantity;
use Generator;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The rows of a table that is taken along, one after the other. */
final readonly class ViewRows
{
    /** Lines of the log that are told before it is written out; the rest is told aside. */
    private const TOLD = 1_000_000;

    public function __construct(private FacilityReader $reader, private Names $names, private LogIndex $index)
    {
    }

    /** @return non-empty-list<string> */
    public static function headings(ViewTable $table): array
    {
        return match ($table) {
            ViewTable::Fish => ['name', 'species', 'scientific name', 'count', 'system', 'arrived', 'length (mm)', 'measured last'],
            ViewTable::Systems => ['name', 'kind', 'litres', 'temperature (°C)', 'fish'],
            ViewTable::Lengths => ['fish', 'date', 'length (mm)', 'method', 'sample'],
            ViewTable::Tests => ['system', 'date', ...array_column(Quantity::cases(), 'value'), 'note'],
            ViewTable::Counts => ['fish', 'date', 'number', 'count_kind', 'give or take'],
            ViewTable::Losses => ['fish', 'date', 'loss_kind', 'count', 'cause'],
            ViewTable::Moves => ['fish', 'date', 'from', 'to'],
            ViewTable::Log => ['date', 'time', 'kind', 'entry', 'fish', 'system', 'by'],
        };
    }

    /**
     * @param  int|null  $fish  of this one alone
     * @param  int|null  $system  of this one alone
     * @return Generator<int, list<string|int|float|null>>
     */
    public function of(ViewTable $table, ?int $fish = null, ?int $system = null): Generator
    {
        return match ($table) {
            ViewTable::Fish => $this->fish(),
            ViewTable::Systems => $this->systems(),
            ViewTable::Lengths => $this->rows($this->entries('measurements', $fish), fn (stdClass $row): array => [$this->names->fish($row->fish_id), $row->date, $row->length_tenth_mm / 10, $row->method, $row->sample]),
            ViewTable::Tests => $this->rows(DB::table('water_tests')->whereNull('deleted_at')->when($system !== null, fn (Builder $rows) => $rows->where('system_id', $system)), $this->test(...)),
            ViewTable::Counts => $this->rows($this->entries('counts', $fish), fn (stdClass $row): array => [$this->names->fish($row->fish_id), $row->date, $row->number, $row->kind, $row->give_or_take]),
            ViewTable::Losses => $this->rows($this->entries('losses', $fish), fn (stdClass $row): array => [$this->names->fish($row->fish_id), $row->date, $row->kind, $row->count, $row->cause]),
            ViewTable::Moves => $this->rows($this->entries('moves', $fish), fn (stdClass $row): array => [$this->names->fish($row->fish_id), $row->date, $this->names->system($row->from_system_id), $this->names->system($row->to_system_id)]),
            ViewTable::Log => $this->log($fish, $system),
        };
    }

    private function entries(string $table, ?int $fish): Builder
    {
        return DB::table($table)->whereNull('deleted_at')->when($fish !== null, fn (Builder $rows) => $rows->where('fish_id', $fish));
    }

    /**
     * @param  callable(stdClass): list<string|int|float|null>  $cells
     * @return Generator<int, list<string|int|float|null>>
     */
    private function rows(Builder $rows, callable $cells): Generator
    {
        foreach ($rows->orderBy('date')->orderBy('id')->cursor() as $row) {
            yield $cells($row);
        }
    }

    /** @return list<string|int|float|null> */
    private function test(stdClass $row): array
    {
        $values = json_decode($row->values, true) ?: [];

        return [$this->names->system($row->system_id), $row->date, ...array_map(fn (Quantity $quantity): string|int|float|null => $values[$quantity->value] ?? null, Quantity::cases()), $row->note];
    }

    /** @return Generator<int, list<string|int|float|null>> */
    private function fish(): Generator
    {
        $kept = $this->reader->read();
        $scientific = DB::table('species')->selectRaw("key, json_extract(description, '$.scientific_name') as scientific")->pluck('scientific', 'key');
        /** @var Fish $fish */
        foreach ($kept->facility->fish as $fish) {
            yield [
                $fish->name, $fish->species->commonName, $scientific[$fish->species->key] ?? '', $fish->count, $kept->facility->systems[$fish->currentSystem()]->name ?? '', $fish->arrived->toIso(),
                round($kept->occupant($fish)->length), $fish->lastLength()?->date->toIso(),
            ];
        }
    }

    /** @return Generator<int, list<string|int|float|null>> */
    private function systems(): Generator
    {
        $kept = $this->reader->read();
        /** @var System $system */
        foreach ($kept->facility->systems as $system) {
            $celsius = $system->temperature?->on($kept->facility->date);
            yield [$system->name, $system->kind->value, round($system->waterLitres()), $celsius === null ? null : round($celsius, 1), implode('; ', array_map(fn (Fish $fish): string => $fish->count > 1 ? "{$fish->name} ({$fish->count})" : $fish->name, $kept->facility->residentsOf($system)))];
        }
    }

    /** @return Generator<int, list<string|int|float|null>> */
    private function log(?int $fish, ?int $system): Generator
    {
        $this->index->tell(self::TOLD);
        $lines = DB::table('log_lines')->whereNull('removed_at')->where('is_led', false)
            ->when($fish !== null, fn (Builder $rows) => $rows->where(fn (Builder $of) => $of->where('fish_id', $fish)->orWhere('other_fish_id', $fish)))
            ->when($system !== null, fn (Builder $rows) => $rows->where(fn (Builder $of) => $of->where('system_id', $system)->orWhere('other_system_id', $system)));
        foreach ($lines->orderBy('date')->orderBy('time')->orderBy('id')->cursor() as $line) {
            yield [$line->date, $line->time, $line->kind, $line->text, $this->names->fish($line->fish_id), $this->names->system($line->system_id), $this->names->user($line->user_id)];
        }
    }
}
