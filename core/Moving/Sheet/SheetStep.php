<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

use Biomegas\Finding\Finding;

/** One thing to do on a move, and why. */
final readonly class SheetStep
{
    /** @param  list<Finding>  $why */
    private function __construct(
        public string $key,
        public Phase $phase,
        public Finding $what,
        public array $why,
        /** For a timer; null: it takes as long as it takes. */
        public ?float $minutes = null,
    ) {
    }

    public static function of(string $key, Phase $phase, Finding $what, Finding ...$why): self
    {
        return new self($key, $phase, $what, array_values($why));
    }

    /** It guards whoever handles the fish: it is not left out. */
    public function isNeeded(): bool
    {
        return str_starts_with($this->key, 'hazard-') || $this->key === 'two-people';
    }

    public function timed(float $minutes): self
    {
        return new self($this->key, $this->phase, $this->what, $this->why, $minutes);
    }
}
