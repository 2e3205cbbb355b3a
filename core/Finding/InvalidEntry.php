<?php

declare(strict_types=1);

namespace Biomegas\Finding;

use InvalidArgumentException;

/** An entry that cannot be true, with the field to mend. */
final class InvalidEntry extends InvalidArgumentException implements Refusal
{
    private function __construct(
        public readonly string $field,
        private readonly Finding $finding,
    ) {
        parent::__construct("{$field}: {$finding->code}");
    }

    public static function because(string $field, Finding $finding): self
    {
        return new self($field, $finding);
    }

    public function finding(): Finding
    {
        return $this->finding;
    }
}
