<?php

declare(strict_types=1);

namespace App\Import;

use Biomegas\Calendar\LocalDate;

/** One row of a table of fish as it was read, with what cannot be taken of it. */
final class CheckedRow
{
    public ?int $speciesId = null;

    public ?int $systemId = null;

    /** One that lives here already and gets another length. */
    public ?int $fishId = null;

    public ?LocalDate $date = null;

    public ?float $lengthMm = null;

    public int $count = 1;

    /** @var list<array{species_id: int, weight: float}> what else it may be */
    public array $candidates = [];

    public int $males = 0;

    public int $females = 0;

    /** @var array<string, string> sentence by column */
    public array $errors = [];

    /** @var list<string> what looks unlikely and is taken all the same */
    public array $doubts = [];

    /** @param  array{line: int, name: string, species: string, system: string, date: string, length: string, count: string, males: string, females: string}  $typed */
    public function __construct(public readonly array $typed)
    {
    }

    public function isGood(): bool
    {
        return $this->errors === [];
    }
}
