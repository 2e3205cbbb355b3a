<?php

declare(strict_types=1);

namespace Biomegas\QuickEntry;

use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** Reads a line as a keeper types it: "Bramble 23.5 cm hand", "lost Tansy jumped", "long tank nitrate 40 ph 7.2". */
final readonly class LineReader
{
    /** Whose verb may stand after whom it is about: "long tank fed". */
    private const VERBS_INSIDE = [QuickKind::Meal->value, QuickKind::Move->value, QuickKind::Change->value];

    private const LENGTH = '/ (?<length>\d+(?:[.,]\d+)? ?(?:mm|cm|m|in|inch|inches|"|ft)) /u';

    private const NUMBER = '/ (?<number>\d+) /u';

    private const PERCENT = '/ (?<percent>\d+(?:[.,]\d+)?) ?% /u';

    private const VALUE = ' (?<value>-?\d+(?:[.,]\d+)?(?: ?(?:mg\/l|ppm|µg\/l|°?[cf]|°?dh|µs\/cm|ppt))?) ';

    private Names $fish;

    private Names $systems;

    /**
     * @param  list<string>  $fish  names of those that are here
     * @param  list<string>  $systems
     */
    public function __construct(private Lexicon $words, array $fish, array $systems)
    {
        $this->fish = new Names($fish, $systems, $words->all());
        $this->systems = new Names($systems, $fish, $words->all());
    }

    /** @throws InvalidEntry "text" when it cannot be read, with what is missing */
    public function read(string $typed): QuickEntry
    {
        $line = Line::of($typed);
        $kind = $this->kind($line);
        if ($kind === QuickKind::Note) {
            return $this->note($typed);
        }
        $entry = match ($kind) {
            QuickKind::Loss => $this->loss($line),
            QuickKind::Count => $this->count($line),
            QuickKind::Change => $this->change($line),
            QuickKind::Meal => new QuickEntry(QuickKind::Meal, system: $this->system($line)),
            QuickKind::Move => new QuickEntry(QuickKind::Move, fish: $this->oneFish($line), system: $this->system($line)),
            QuickKind::Incident => $this->incident($line),
            QuickKind::Test => $this->test($line),
            QuickKind::Length => $this->length($line),
        };
        $left = $line->left($this->words->fillers);

        return $left === '' ? $entry : throw $this->unknown($line, Finding::of('quick.not_understood', left: $left));
    }

    /** @return list<string> the line as it may be meant, where it cannot be read for a name that was typed wrongly */
    public function instead(string $typed): array
    {
        try {
            $this->read($typed);

            return [];
        } catch (InvalidEntry $unread) {
            $word = $unread->finding()->code === 'names.near' ? $unread->finding()->figures['typed'] : null;
        }
        if (! is_string($word)) {
            return [];
        }
        $alone = '/(?<![\p{L}\p{N}])'.preg_quote($word, '/').'(?![\p{L}\p{N}])/iu';

        return array_map(fn (int|string $name): string => trim((string) preg_replace($alone, addcslashes((string) $name, '\\$'), $typed, 1)), array_keys($this->near($word)));
    }

    /** What a line that cannot be read most likely writes down, and of whom; null: nothing in it tells. */
    public function nearest(string $typed): ?QuickEntry
    {
        $line = Line::of($typed);
        try {
            $kind = $this->kind($line);
        } catch (InvalidEntry) {
            return null;
        }

        return new QuickEntry($kind, fish: $this->fish->takeFrom($line), system: $this->systems->takeFrom($line));
    }

    /**
     * By its verb, else by what stands in it.
     *
     * @throws InvalidEntry
     */
    private function kind(Line $line): QuickKind
    {
        $verbs = array_keys($this->words->verbs);
        $inside = array_keys(array_intersect($this->words->verbs, self::VERBS_INSIDE));
        $verb = in_array($line->first(), $verbs, true) ? $line->take([$line->first()]) : $line->take($inside);
        if ($verb !== null) {
            return QuickKind::from($this->words->verbs[$verb]);
        }
        $trial = clone $line;
        if ($trial->take(array_keys($this->words->acts)) !== null) {
            return QuickKind::Incident;
        }
        if ($this->systems->takeFrom($trial) !== null) {
            return QuickKind::Test;
        }
        if ($trial->match(self::LENGTH) !== null) {
            return QuickKind::Length;
        }
        if ($trial->take(array_keys($this->words->counts)) !== null) {
            return QuickKind::Count;
        }
        if ($this->fish->takeFrom($trial) !== null) {
            return $trial->take(array_keys($this->words->losses)) !== null ? QuickKind::Loss : throw self::because(Finding::of('quick.what_of_it'));
        }

        throw $this->unknown($trial, Finding::of('quick.whom'));
    }

    /** The words as they were typed, without the verb; of whom it names first. */
    private function note(string $typed): QuickEntry
    {
        $text = trim((string) preg_replace('/^\s*\S+\s*/u', '', $typed));
        if ($text === '') {
            throw self::because(Finding::of('quick.no_words'));
        }
        $line = Line::of($text);
        $system = $this->systems->takeFrom($line);

        return new QuickEntry(QuickKind::Note, fish: $system === null ? $this->fish->takeFrom($line) : null, system: $system, text: $text);
    }

    private function loss(Line $line): QuickEntry
    {
        $fish = $this->oneFish($line);
        $how = $line->take(array_keys($this->words->losses));
        $number = $line->match(self::NUMBER);

        return new QuickEntry(QuickKind::Loss, fish: $fish, number: $number === null ? null : (int) $number['number'], how: $how === null ? throw self::because(Finding::of('quick.how_lost', fish: $fish)) : $this->words->losses[$how]);
    }

    private function count(Line $line): QuickEntry
    {
        $fish = $this->oneFish($line);
        $how = $line->take(array_keys($this->words->counts));
        $number = $line->match(self::NUMBER) ?? throw self::because(Finding::of('quick.how_many', fish: $fish));

        return new QuickEntry(QuickKind::Count, fish: $fish, number: (int) $number['number'], how: $how === null ? null : $this->words->counts[$how]);
    }

    private function change(Line $line): QuickEntry
    {
        $percent = $line->match(self::PERCENT) ?? throw self::because(Finding::of('quick.how_much_water'));

        return new QuickEntry(QuickKind::Change, system: $this->system($line), percent: self::number($percent['percent']));
    }

    /** Who stands before the act did it and who comes after it bore it, unless it is turned round. */
    private function incident(Line $line): QuickEntry
    {
        $fish = $this->oneFish($line);
        $act = (string) $line->take(array_keys($this->words->acts));
        $isTurned = $line->take($this->words->turning) !== null;
        $other = $this->fish->takeFrom($line);
        $harm = $line->take(array_keys($this->words->harms));
        if ($isTurned && $other === null) {
            throw self::because(Finding::of('quick.by_whom', fish: $fish));
        }

        return new QuickEntry(QuickKind::Incident, fish: $isTurned ? $other : $fish, other: $isTurned ? $fish : $other, how: $this->words->acts[$act], harm: $harm === null ? null : $this->words->harms[$harm]);
    }

    private function test(Line $line): QuickEntry
    {
        $system = $this->system($line);
        $values = [];
        $names = array_map(fn (string $name): string => preg_quote($name, '/'), array_keys($this->words->quantities));
        while (($value = $line->match('/ (?<name>'.implode('|', $names).')'.self::VALUE.'/u')) !== null) {
            $values[$this->words->quantities[$value['name']]] = $value['value'];
        }

        return $values === [] ? throw self::because(Finding::of('quick.what_was_measured', system: $system)) : new QuickEntry(QuickKind::Test, system: $system, values: $values);
    }

    private function length(Line $line): QuickEntry
    {
        $fish = $this->oneFish($line);
        $length = $line->match(self::LENGTH);
        $method = $line->take(array_keys($this->words->methods));

        return new QuickEntry(QuickKind::Length, fish: $fish, length: $length['length'] ?? null, how: $method === null ? null : $this->words->methods[$method]);
    }

    private function oneFish(Line $line): string
    {
        return $this->fish->takeFrom($line) ?? throw $this->unknown($line, Finding::of('quick.whom'));
    }

    private function system(Line $line): string
    {
        return $this->systems->takeFrom($line) ?? throw $this->unknown($line, Finding::of('quick.which_home'));
    }

    /** Why it cannot be read: the first word that is no name but near to one, else what is missing. */
    private function unknown(Line $line, Finding $missing): InvalidEntry
    {
        $known = $this->words->all();
        foreach (explode(' ', $line->left([])) as $word) {
            $isKnown = in_array($word, $known, true) || $this->fish->has($word) || $this->systems->has($word);
            $near = $isKnown ? [] : $this->near($word);
            if ($near !== []) {
                return self::because(Finding::of('names.near', typed: $word, near: array_values(array_unique($near))));
            }
        }

        return self::because($missing);
    }

    /** @return array<string> names of fish and homes, by what is to be typed for them */
    private function near(string $word): array
    {
        return $this->fish->near($word) + $this->systems->near($word);
    }

    private static function number(string $typed): float
    {
        return (float) str_replace(',', '.', $typed);
    }

    private static function because(Finding $finding): InvalidEntry
    {
        return InvalidEntry::because('text', $finding);
    }
}
