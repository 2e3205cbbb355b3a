<?php

declare(strict_types=1);

namespace App\Import;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Log\NameSearch;
use App\Models\Fish;
use App\Models\Species;
use Biomegas\Calendar\DateOrder;
use Biomegas\Calendar\DateReader;
use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\UnreadableDate;
use Biomegas\Facility\Group\Makeup;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Growth\LengthReview;
use Biomegas\Growth\LongerThanKnown;
use Biomegas\Measure\FishLengthReader;
use Biomegas\Measure\Length;
use Biomegas\Measure\UnreadableLength;
use Biomegas\Rulebook\Method;
use Illuminate\Support\Str;

/**
 * Reads every row of a table for itself. The first row of a name is a fish that
 * is new here, further rows of it are lengths; a name that is known here gets
 * another length.
 */
final class TableCheck
{
    private const LONGEST_NAME = 60;

    /** With the likeliest. */
    private const MOST_POSSIBLE = 4;

    private const MOST_IN_A_SHOAL = 60_000;

    /** @var array<string, array{id: int, adult: float, name: string}> by every name that one species alone goes by */
    private array $species = [];

    /** @var array<string, list<string>> by name, of several species, what they are called here */
    private array $several = [];

    /** @var array<string, int> by name */
    private array $systems = [];

    /** @var array<string, Fish> by name */
    private array $fish = [];

    /** @var array<string, CheckedRow> the row that brings a fish, by name */
    private array $bringing = [];

    /** @var array<string, array{id: int, adult: float, name: string}> the likeliest kind of those that the table brings, by name */
    private array $kinds = [];

    /** Lengths held against the growth of their fish: more than these would keep whoever types waiting. */
    private const MOST_REVIEWED = 100;

    private int $reviewed = 0;

    /** Names that nobody has, searched for those near to them: more than these would keep whoever types waiting. */
    private const MOST_SEARCHED = 100;

    private int $searched = 0;

    private readonly DateReader $dates;

    public function __construct(private readonly FacilitySnapshot $kept, DateOrder $order)
    {
        $this->dates = new DateReader($order);
        $allSpecies = Species::query()->get();
        foreach ($allSpecies as $species) {
            $described = $species->current();
            foreach (array_unique(array_map(self::folded(...), [$described['common_name'], $described['scientific_name'], ...($described['names'] ?? [])])) as $name) {
                $this->several[$name][] = $described['common_name'];
                $this->species[$name] = self::known($species);
            }
        }
        // The name that one goes by here is its own, whoever else is sold under it.
        foreach ($allSpecies as $species) {
            $name = self::folded($species->common_name);
            $this->several[$name] = [$species->common_name];
            $this->species[$name] = self::known($species);
        }
        foreach ($kept->facility->systems as $system) {
            $this->systems[self::folded($system->name)] = Keys::id($system->key);
        }
        foreach (Fish::query()->get() as $fish) {
            $this->fish[self::folded($fish->name)] = $fish;
        }
    }

    /** @return array{id: int, adult: float, name: string} */
    private static function known(Species $species): array
    {
        return ['id' => $species->id, 'adult' => (float) $species->current()['adult_length_mm']['high'], 'name' => $species->common_name];
    }

    /** @return list<CheckedRow> */
    public function all(FishTable $table): array
    {
        return array_map($this->check(...), $table->rows);
    }

    /** @param  array{line: int, name: string, species: string, system: string, date: string, length: string, count: string, males: string, females: string}  $typed */
    private function check(array $typed): CheckedRow
    {
        $row = new CheckedRow($typed);
        $name = self::folded($typed['name']);
        $this->date($row);
        $this->length($row);
        if ($name === '') {
            $this->refuse($row, 'name', Finding::of('import.name_missing'));
        } elseif (mb_strlen($typed['name']) > self::LONGEST_NAME) {
            $this->refuse($row, 'name', Finding::of('import.name_too_long'));
        }
        match (true) {
            isset($this->fish[$name]) => $this->another($row, $this->fish[$name]),
            isset($this->bringing[$name]) => $this->further($row, $this->bringing[$name]),
            default => $this->newcomer($row),
        };

        return $row;
    }

    private function newcomer(CheckedRow $row): void
    {
        $name = self::folded($row->typed['name']);
        $this->bringing[$name] = $row;
        $possible = $this->possibleSpecies($row);
        if ($possible !== []) {
            $this->kinds[$name] = $possible[0];
        }
        $system = self::folded($row->typed['system']);
        if ($system === '' && count($this->systems) === 1) {
            $row->systemId = array_values($this->systems)[0];
        } elseif (isset($this->systems[$system])) {
            $row->systemId = $this->systems[$system];
        } else {
            $this->refuse($row, 'system', $system === '' ? Finding::of('import.system_missing') : UnknownName::finding($row->typed['system'], $this->search($system)?->systems() ?? [], Finding::of('import.system_unknown', typed: $row->typed['system'])));
        }
        $count = $row->typed['count'] === '' ? 1 : filter_var($row->typed['count'], FILTER_VALIDATE_INT);
        if ($count === false || $count < 1 || $count > self::MOST_IN_A_SHOAL) {
            $this->refuse($row, 'count', Finding::of('import.count'));
        } else {
            $row->count = $count;
            $this->sexes($row);
        }
        $this->doubtLength($row);
    }

    /** Of one that is not here yet: longer than its kind becomes. */
    private function doubtLength(CheckedRow $row): void
    {
        $kind = $this->kinds[self::folded($row->typed['name'])] ?? null;
        $doubt = $kind === null || $row->lengthMm === null ? null : LongerThanKnown::doubt($kind['name'], $kind['adult'], Length::ofMillimetres($row->lengthMm));
        if ($doubt !== null) {
            $row->doubts[] = $this->say($doubt);
        }
    }

    /**
     * One species, or several parted by "or", the likeliest first.
     *
     * @return list<array{id: int, adult: float, name: string}>
     */
    private function possibleSpecies(CheckedRow $row): array
    {
        $typed = $row->typed['species'];
        $names = isset($this->species[self::folded($typed)]) ? [$typed] : array_values(array_filter(preg_split('/\s+or\s+/i', $typed) ?: []));
        if ($names === []) {
            $this->refuse($row, 'species', Finding::of('import.species_missing'));

            return [];
        }
        if (count($names) > self::MOST_POSSIBLE) {
            $this->refuse($row, 'species', Finding::of('import.too_many_possible', most: self::MOST_POSSIBLE));
        }
        $possible = array_values(array_filter(array_map(fn (string $name): ?array => $this->speciesNamed($row, $name), $names)));
        if (count(array_unique(array_column($possible, 'id'))) < count($possible)) {
            $this->refuse($row, 'species', Finding::of('import.possible_twice'));
        }
        $row->speciesId = $possible[0]['id'] ?? null;
        $row->candidates = array_map(fn (array $other): array => ['species_id' => $other['id'], 'weight' => 1 / count($possible)], array_slice($possible, 1));

        return $possible;
    }

    /** @return array{id: int, adult: float, name: string}|null */
    private function speciesNamed(CheckedRow $row, string $name): ?array
    {
        $folded = self::folded($name);
        $found = $this->species[$folded] ?? null;
        match (true) {
            $found === null => $this->refuse($row, 'species', UnknownName::finding($name, $this->search($name)?->species() ?? [], Finding::of('import.species_unknown', typed: $name))),
            count($this->several[$folded]) > 1 => $this->refuse($row, 'species', Finding::of('import.species_of_several', typed: $name, names: array_slice($this->several[$folded], 0, 5))),
            default => null,
        };

        return $found;
    }

    private function search(string $name): ?NameSearch
    {
        return $this->searched++ < self::MOST_SEARCHED ? NameSearch::of($name) : null;
    }

    private function sexes(CheckedRow $row): void
    {
        $read = fn (string $typed): int|false => $typed === '' ? 0 : filter_var($typed, FILTER_VALIDATE_INT, ['options' => ['min_range' => 0, 'max_range' => self::MOST_IN_A_SHOAL]]);
        [$males, $females] = [$read($row->typed['males']), $read($row->typed['females'])];
        if ($males === false || $females === false) {
            $this->refuse($row, $males === false ? 'males' : 'females', Finding::of('import.sexed'));

            return;
        }
        try {
            Makeup::of($row->date ?? $this->kept->facility->date, $row->count, $males, $females);
        } catch (InvalidEntry $e) {
            $this->refuse($row, $e->field, $e->finding());
        }
        [$row->males, $row->females] = [$males, $females];
    }

    /** Another length of one that this table brings. */
    private function further(CheckedRow $row, CheckedRow $first): void
    {
        if (! $first->isGood()) {
            $this->refuse($row, 'name', Finding::of('import.first_row_first', line: $first->typed['line']));
        }
        $this->mustHaveALength($row);
        $this->doubtLength($row);
    }

    private function another(CheckedRow $row, Fish $fish): void
    {
        $row->fishId = $fish->id;
        $species = self::folded($row->typed['species']);
        if ($species !== '' && ($this->species[$species]['id'] ?? null) !== $fish->species_id) {
            $this->refuse($row, 'name', Finding::of('import.name_taken', name: $fish->name));
        }
        if ($row->date !== null && $row->date->isBefore(LocalDate::fromIso($fish->arrived_on))) {
            $this->refuse($row, 'date', Finding::of('import.before_arrival', name: $fish->name, day: LocalDate::fromIso($fish->arrived_on)->toIso()));
        }
        $this->mustHaveALength($row);
        $this->review($row, $fish);
    }

    /** As a length that is recorded by itself: here it is doubted and taken all the same. */
    private function review(CheckedRow $row, Fish $fish): void
    {
        $here = $this->kept->find($fish->id);
        if ($here === null || ! $row->isGood() || $row->lengthMm === null || $row->date === null || $this->reviewed >= self::MOST_REVIEWED) {
            return;
        }
        $this->reviewed++;
        $finding = LengthReview::of($this->kept->growth, $here, new MeasuredLength($row->date, Length::ofMillimetres($row->lengthMm), Method::Ruler))->finding();
        if ($finding !== null) {
            $row->doubts[] = $this->say($finding);
        }
    }

    private function mustHaveALength(CheckedRow $row): void
    {
        if ($row->lengthMm === null && ! isset($row->errors['length'])) {
            $this->refuse($row, 'length', Finding::of('import.length_missing', name: $row->typed['name']));
        }
    }

    private function date(CheckedRow $row): void
    {
        if ($row->typed['date'] === '') {
            $row->date = $this->kept->facility->date;

            return;
        }
        try {
            $row->date = $this->dates->read($row->typed['date']);
            if ($row->date->isAfter($this->kept->facility->date)) {
                $this->refuse($row, 'date', Finding::of('entry.day_to_come'));
            }
        } catch (UnreadableDate) {
            $this->refuse($row, 'date', Finding::of('import.date', typed: $row->typed['date']));
        }
    }

    private function length(CheckedRow $row): void
    {
        if ($row->typed['length'] === '') {
            return;
        }
        try {
            $row->lengthMm = (new FishLengthReader($this->kept->units->length))->read($row->typed['length'])->millimetres();
        } catch (UnreadableLength $e) {
            $this->refuse($row, 'length', $e->finding());
        }
    }

    private function refuse(CheckedRow $row, string $column, Finding $why): void
    {
        $row->errors[$column] ??= $this->say($why);
    }

    private function say(Finding $finding): string
    {
        return $this->kept->says()->say($finding);
    }

    private static function folded(string $name): string
    {
        return trim((string) preg_replace('/[^\pL\pN]+/u', ' ', Str::lower(Str::ascii($name))));
    }
}
