<?php

declare(strict_types=1);

namespace App\Log;

use Biomegas\Naming\Slip;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * What a keeper typed to find something, as a question to the full-text index:
 * every word must be there, by its beginning; one that nothing begins with is
 * taken for those that are a slip of the finger away.
 */
final readonly class WordSearch
{
    private const MOST_WORDS = 8;

    private const MOST_GUESSES = 6;

    /**
     * @param  list<list<string>>  $words  for each word that was typed those that will do
     * @param  array<string, string>  $guessed  what was taken for what
     */
    private function __construct(
        private array $words,
        public array $guessed,
    ) {
    }

    public static function of(string $typed): self
    {
        $words = $guessed = [];
        foreach (array_slice(self::wordsOf($typed), 0, self::MOST_WORDS) as $word) {
            $near = self::isThere($word) ? [] : self::near($word);
            if ($near !== []) {
                $guessed[$word] = $near[0];
            }
            $words[] = $near === [] ? [$word] : $near;
        }

        return new self($words, $guessed);
    }

    public function isEmpty(): bool
    {
        return $this->words === [];
    }

    /** In the language of FTS5: beginnings of words, in quotes so that nothing typed is taken for an operator. */
    public function match(): string
    {
        return implode(' AND ', array_map(
            fn (array $one): string => '('.implode(' OR ', array_map(fn (string $word): string => '"'.$word.'" *', $one)).')',
            $this->words,
        ));
    }

    /** @return list<string> small and without accents, as the index keeps them */
    public static function wordsOf(string $text): array
    {
        return preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower(Str::ascii($text)), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }

    private static function isThere(string $word): bool
    {
        return DB::table('log_vocabulary')->where('term', '>=', $word)->where('term', '<', $word."\u{10FFFF}")->exists();
    }

    /** @return list<string> the most frequent first */
    private static function near(string $word): array
    {
        if (Slip::forgiven($word) === 0) {
            return [];
        }
        // The first letter is seldom wrong, and the vocabulary is in the order of letters.
        foreach ([[$word[0], $word[0]."\u{10FFFF}"], ['', "\u{10FFFF}"]] as [$from, $until]) {
            $terms = DB::table('log_vocabulary')->where('term', '>=', $from)->where('term', '<', $until)->whereRaw('length(term) between ? and ?', [strlen($word) - 2, strlen($word) + 2])->orderByDesc('doc')->pluck('term');
            $near = $terms->filter(fn (string $term): bool => Slip::isNear($word, $term));
            if ($near->isNotEmpty()) {
                return array_values($near->take(self::MOST_GUESSES)->all());
            }
        }

        return [];
    }
}
