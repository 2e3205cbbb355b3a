<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

use Biomegas\Finding\Finding;

/** Something that speaks against a move; a block needs a reason to be overridden. */
final readonly class Objection
{
    private function __construct(
        public ObjectionKind $kind,
        public bool $isBlock,
        public Finding $finding,
    ) {
    }

    public static function block(ObjectionKind $kind, Finding $finding): self
    {
        return new self($kind, true, $finding);
    }

    public static function warning(ObjectionKind $kind, Finding $finding): self
    {
        return new self($kind, false, $finding);
    }
}
