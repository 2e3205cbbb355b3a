<?php

declare(strict_types=1);

namespace App\Bench\Fuzz;

/** A request after which something was not as it must be. */
final readonly class FuzzFinding
{
    public function __construct(
        public int $number,
        public string $request,
        public string $body,
        public string $what,
    ) {
    }

    public function __toString(): string
    {
        return "{$this->number}: {$this->request} {$this->what}\n    ".mb_scrub(mb_strimwidth($this->body, 0, 600, '…'));
    }
}
