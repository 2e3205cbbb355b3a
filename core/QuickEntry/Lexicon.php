<?php

declare(strict_types=1);

namespace Biomegas\QuickEntry;

/** The words of a language that a line is read by, in lower case: each with what it stands for. */
final readonly class Lexicon
{
    /**
     * @param  array<string, string>  $verbs  to kinds of entries
     * @param  array<string, string>  $acts  of aggression
     * @param  array<string, string>  $harms
     * @param  array<string, string>  $losses
     * @param  array<string, string>  $counts  how sure a count is
     * @param  array<string, string>  $methods  of measuring
     * @param  array<string, string>  $quantities  of water
     * @param  list<string>  $turning  that make who is named after them the one who did it: "was chased by"
     * @param  list<string>  $fillers  that say nothing
     */
    public function __construct(
        public array $verbs,
        public array $acts,
        public array $harms,
        public array $losses,
        public array $counts,
        public array $methods,
        public array $quantities,
        public array $turning,
        public array $fillers,
    ) {
    }

    /** @return list<string> every word of it */
    public function all(): array
    {
        return [
            ...array_map(strval(...), array_keys([...$this->verbs, ...$this->acts, ...$this->harms, ...$this->losses, ...$this->counts, ...$this->methods, ...$this->quantities])),
            ...$this->turning,
            ...$this->fillers,
        ];
    }
}
