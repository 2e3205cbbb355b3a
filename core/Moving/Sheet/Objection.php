<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

/** Something that speaks against a move; a block needs a reason to be overridden. */
final readonly class Objection
{
    private function __construct(
        public ObjectionKind $kind,
        public bool $isBlock,
        public string $sentence,
    ) {
    }

    public static function block(ObjectionKind $kind, string $sentence): self
    {
        return new self($kind, true, $sentence);
    }

    public static function warning(ObjectionKind $kind, string $sentence): self
    {
        return new self($kind, false, $sentence);
    }
}
