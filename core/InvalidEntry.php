<?php

declare(strict_types=1);

namespace Biomegas;

use InvalidArgumentException;

/** An entry in the log that cannot be true, with the field to mend. */
final class InvalidEntry extends InvalidArgumentException implements Refusal
{
    private function __construct(
        public readonly string $field,
        string $sentence,
    ) {
        parent::__construct($sentence);
    }

    public static function because(string $field, string $sentence): self
    {
        return new self($field, $sentence);
    }
}
