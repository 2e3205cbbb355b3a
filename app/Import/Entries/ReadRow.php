<?php

declare(strict_types=1);

namespace App\Import\Entries;

/** One row of a table as it was read. */
final readonly class ReadRow
{
    /** @param  list<string>  $sentences  what stands against it */
    public function __construct(
        /** Of the file, from 1; the headings are the first. */
        public int $line,
        public RowState $state,
        public array $sentences,
    ) {
    }

    /** @return array{line: int, state: string, sentences: list<string>} */
    public function toArray(): array
    {
        return ['line' => $this->line, 'state' => $this->state->value, 'sentences' => $this->sentences];
    }

    /** @param  array{line: int, state: string, sentences: list<string>}  $stored */
    public static function fromArray(array $stored): self
    {
        return new self($stored['line'], RowState::from($stored['state']), $stored['sentences']);
    }
}
