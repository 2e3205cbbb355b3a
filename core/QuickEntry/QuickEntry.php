<?php

declare(strict_types=1);

namespace Biomegas\QuickEntry;

/** What was read out of a line: what is not said is null. */
final readonly class QuickEntry
{
    public function __construct(
        public QuickKind $kind,
        /** Name of the fish or shoal it is about. */
        public ?string $fish = null,
        /** Name of another: the target of an act. */
        public ?string $other = null,
        public ?string $system = null,
        /** A length, as it was typed. */
        public ?string $length = null,
        public ?int $number = null,
        /** Of the water, per cent. */
        public ?float $percent = null,
        /** What it was: an act, a kind of loss, how sure a count is, a method, as the lexicon has it. */
        public ?string $how = null,
        /** Harm that was seen. */
        public ?string $harm = null,
        /** @var array<string, string> by quantity, as typed */
        public array $values = [],
        /** In the keeper's words. */
        public ?string $text = null,
    ) {
    }
}
