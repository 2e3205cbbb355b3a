<?php

declare(strict_types=1);

namespace Biomegas\QuickEntry;

/** A line that is read piece by piece: what was understood is taken out of it. */
final class Line
{
    /** @param  string  $rest  what is not understood yet, in lower case, with a blank on either side */
    private function __construct(private string $rest)
    {
    }

    public static function of(string $typed): self
    {
        // A comma within a number is none between words.
        return new self(' '.mb_strtolower(trim((string) preg_replace('/(?:\s|;|,(?!\d))+/u', ' ', $typed))).' ');
    }

    /**
     * The first of these names or words that stand in it, the longest of them where one is part of another.
     *
     * @param  list<string>  $words
     * @return string|null as it is spelt in the list
     */
    public function take(array $words): ?string
    {
        $best = null;
        foreach ($words as $word) {
            $at = mb_strpos($this->rest, ' '.mb_strtolower($word).' ');
            if ($at !== false && ($best === null || $at < $best[0] || ($at === $best[0] && mb_strlen($word) > mb_strlen($best[1])))) {
                $best = [$at, $word];
            }
        }
        if ($best === null) {
            return null;
        }
        $this->rest = mb_substr($this->rest, 0, $best[0]).' '.mb_substr($this->rest, $best[0] + mb_strlen($best[1]) + 2);

        return $best[1];
    }

    /** The first word, without taking it. */
    public function first(): string
    {
        return explode(' ', trim($this->rest))[0];
    }

    /** @return array<int|string, string>|null the parts of a pattern that fits, taken out */
    public function match(string $pattern): ?array
    {
        if (preg_match($pattern, $this->rest, $part, PREG_OFFSET_CAPTURE) !== 1) {
            return null;
        }
        $this->rest = substr($this->rest, 0, $part[0][1]).' '.substr($this->rest, $part[0][1] + strlen($part[0][0]));

        return array_map(fn (array $one): string => $one[0], $part);
    }

    /** @param  list<string>  $fillers  that say nothing */
    public function left(array $fillers): string
    {
        return implode(' ', array_filter(explode(' ', trim($this->rest)), fn (string $word): bool => $word !== '' && ! in_array($word, $fillers, true)));
    }
}
