<?php

declare(strict_types=1);

namespace App\Import\Entries;

use App\Import\UnknownName;
use App\Log\NameSearch;
use App\Models\Fish;
use App\Models\System;
use Biomegas\Calendar\DateReader;
use Biomegas\Calendar\UnreadableDate;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Losses\CountKind;
use Biomegas\Losses\LossKind;
use Biomegas\Rulebook\Method;
use Biomegas\Water\Test\Quantity;
use Illuminate\Support\Str;

/** Turns a row of a table into the entry that a keeper would have typed for it. */
final class RowEntry
{
    /** @var array<string, int> by folded name */
    private array $fish;

    /** @var array<string, int> */
    private array $systems;

    private readonly DateReader $dates;

    public function __construct(private readonly ImportKind $kind, private readonly Reading $reading)
    {
        $this->dates = new DateReader($reading->dates);
        $this->fish = Fish::query()->get(['id', 'name'])->mapWithKeys(fn (Fish $fish): array => [self::folded($fish->name) => $fish->id])->all();
        $this->systems = System::query()->get(['id', 'name'])->mapWithKeys(fn (System $system): array => [self::folded($system->name) => $system->id])->all();
    }

    /**
     * @param  list<string>  $cells
     * @return array{string, array<string, mixed>} the address of the API below /api/v1/, and what is sent to it
     *
     * @throws InvalidEntry when a name, a day or a kind is not known
     */
    public function of(array $cells): array
    {
        $cell = fn (string $column): string => isset($this->reading->columns[$column]) ? $cells[$this->reading->columns[$column]] : '';
        foreach ($this->kind->needed() as $needed) {
            if ($cell($needed) === '') {
                throw InvalidEntry::because($needed, self::missing($needed));
            }
        }
        $date = $this->date($cell('date'));

        return match ($this->kind) {
            ImportKind::Lengths => ["fish/{$this->fish($cell('fish'))}/measurements", ['date' => $date, 'length' => $this->length($cell('length')), 'method' => $this->word('method', 'methods', $cell('method'), Method::Hand->value), ...self::number('sample', $cell('sample'))]],
            ImportKind::Tests => ["systems/{$this->system($cell('system'))}/water-tests", ['date' => $date, 'values' => $this->values($cell), 'note' => $cell('note') === '' ? null : $cell('note')]],
            ImportKind::Counts => ["fish/{$this->fish($cell('fish'))}/counts", ['date' => $date, ...self::number('number', $cell('number')), 'kind' => $this->word('count_kind', 'counts', $cell('count_kind'), CountKind::AtLeast->value), ...self::number('give_or_take', $cell('give_or_take'))]],
            ImportKind::Losses => ["fish/{$this->fish($cell('fish'))}/losses", ['date' => $date, 'kind' => $this->word('loss_kind', 'losses', $cell('loss_kind'), LossKind::Death->value), ...self::number('count', $cell('count')), 'cause' => $cell('cause') === '' ? null : $cell('cause')]],
            ImportKind::Moves => ["fish/{$this->fish($cell('fish'))}/moves", ['date' => $date, 'to_system_id' => $this->system($cell('to'))]],
        };
    }

    private static function missing(string $column): Finding
    {
        return match ($column) {
            'fish' => Finding::of('import.fish_missing'),
            'system' => Finding::of('import.home_missing'),
            'to' => Finding::of('import.new_home_missing'),
            'length' => Finding::of('import.no_length'),
            'number' => Finding::of('import.number_missing'),
            default => Finding::of('import.day_missing'),
        };
    }

    /** @throws InvalidEntry */
    private function date(string $typed): string
    {
        // Of a date with a time of day, the day.
        $day = (string) preg_replace('/[T ]\d{1,2}:\d{2}(:\d{2}(\.\d+)?)?Z?$/', '', $typed);
        try {
            return $this->dates->read($day)->toIso();
        } catch (UnreadableDate $e) {
            throw InvalidEntry::because('date', $e->finding());
        }
    }

    private function length(string $typed): string
    {
        return is_numeric(str_replace(',', '.', $typed)) ? "{$typed} {$this->reading->lengths->value}" : $typed;
    }

    /**
     * @param  callable(string): string  $cell
     * @return array<string, string>
     */
    private function values(callable $cell): array
    {
        $values = [];
        foreach (Quantity::cases() as $quantity) {
            $typed = $cell($quantity->value);
            if ($typed !== '') {
                $values[$quantity->value] = $quantity === Quantity::Temperature && is_numeric(str_replace(',', '.', $typed)) ? $typed.($this->reading->isFahrenheit ? ' F' : ' C') : $typed;
            }
        }

        return $values;
    }

    /** @throws InvalidEntry */
    private function fish(string $typed): int
    {
        return $this->fish[self::folded($typed)] ?? throw InvalidEntry::because('fish', UnknownName::finding($typed, NameSearch::of($typed)->fish(), Finding::of('import.unknown_name', typed: $typed)));
    }

    /** @throws InvalidEntry */
    private function system(string $typed): int
    {
        return $this->systems[self::folded($typed)] ?? throw InvalidEntry::because('system', UnknownName::finding($typed, NameSearch::of($typed)->systems(), Finding::of('import.unknown_name', typed: $typed)));
    }

    /**
     * @param  string  $list  of the words that people use, in lang/en/quick.php
     *
     * @throws InvalidEntry
     */
    private function word(string $column, string $list, string $typed, string $usual): string
    {
        if ($typed === '') {
            return $usual;
        }
        $small = trim(mb_strtolower($typed));
        /** @var array<string, string> $words */
        $words = (array) trans("quick.{$list}");
        $values = array_unique(array_values($words));

        return in_array($small, $values, true) ? $small : ($words[$small] ?? throw InvalidEntry::because($column, Finding::of('import.unknown_word', typed: $typed, known: array_values($values))));
    }

    /**
     * @return array<string, int|string> what is no number stays as it is, to be refused where it is checked
     */
    private static function number(string $name, string $typed): array
    {
        return $typed === '' ? [] : [$name => filter_var($typed, FILTER_VALIDATE_INT) === false ? $typed : (int) $typed];
    }

    private static function folded(string $name): string
    {
        return Str::lower(Str::ascii(trim((string) preg_replace('/\s+/u', ' ', $name))));
    }
}
