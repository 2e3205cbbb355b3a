<?php

declare(strict_types=1);

namespace Biomegas\Steps;

/** One step as a keeper wants it. */
final readonly class ArrangedStep
{
    public function __construct(
        /** Of a usual step, or "own-1" and so on. */
        public string $key,
        /** Minutes or days, as the job counts; null: as usual. */
        public ?float $length = null,
        /** What is done, of a step of the keeper's own; null: it is a usual one. */
        public ?string $words = null,
        /** Where the job has parts: the part to which a step of the keeper's own belongs. */
        public ?string $part = null,
    ) {
    }

    public function isOwn(): bool
    {
        return $this->words !== null;
    }
}
