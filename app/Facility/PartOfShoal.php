<?php

declare(strict_types=1);

namespace App\Facility;

use Biomegas\Facility\Group\SizeClass;
use Biomegas\Facility\Sex;

/** Which of a shoal leave it, and what they are called from then on. */
final readonly class PartOfShoal
{
    public function __construct(
        public int $count,
        /** ''; then one is made from the name of the shoal. */
        public string $name = '',
        /** Null: not known, or of both. */
        public ?Sex $sex = null,
        /** Null: of any size. */
        public ?SizeClass $size = null,
    ) {
    }

    /** How their name goes on after that of the shoal; null: with a number. */
    public function ending(): ?string
    {
        return match (true) {
            $this->size !== null => $this->size->called,
            $this->sex !== null => trans_choice("records.parted.{$this->sex->value}", $this->count),
            default => null,
        };
    }
}
