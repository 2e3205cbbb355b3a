<?php

declare(strict_types=1);

namespace Biomegas\QuickEntry;

use Biomegas\Naming\Slip;

/** What fish and homes are called, and how a keeper shortens that: a word of a name that no other name has. */
final readonly class Names
{
    /** @var array<string, string> names by what is typed for them, in lower case */
    private array $byWord;

    /**
     * @param  list<string>  $names
     * @param  list<string>  $others  names of other things, whose words would be mistaken
     * @param  list<string>  $words  of the language, which are no names
     */
    public function __construct(array $names, array $others, array $words)
    {
        $seen = array_count_values(array_merge(...array_map(self::wordsOf(...), [...$names, ...$others])));
        $byWord = [];
        foreach ($names as $name) {
            foreach (self::wordsOf($name) as $word) {
                if ($seen[$word] === 1 && ! in_array($word, $words, true)) {
                    $byWord[$word] = $name;
                }
            }
        }
        foreach ($names as $name) {
            $byWord[mb_strtolower($name)] = $name;
        }
        $this->byWord = $byWord;
    }

    /** The first of them that the line names; null: none. */
    public function takeFrom(Line $line): ?string
    {
        $word = $line->take(array_map(strval(...), array_keys($this->byWord)));

        return $word === null ? null : $this->byWord[$word];
    }

    /** Whether a word alone names one of them. */
    public function has(string $word): bool
    {
        return isset($this->byWord[$word]);
    }

    /** @return array<string> names that a word which names none may mean, the nearest first, by what is to be typed for them */
    public function near(string $word): array
    {
        $near = [];
        foreach (Slip::nearest($word, array_map(strval(...), array_keys($this->byWord))) as $known) {
            $name = $this->byWord[$known];
            $near[mb_strtolower($name) === $known ? $name : $known] = $name;
        }

        return $near;
    }

    /** @return list<string> each word once */
    private static function wordsOf(string $name): array
    {
        return array_values(array_unique(explode(' ', mb_strtolower($name))));
    }
}
