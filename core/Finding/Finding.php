<?php

declare(strict_types=1);

namespace Biomegas\Finding;

use BackedEnum;

/**
 * What the core has found: a code of the catalogue of messages, and the typed
 * figures that its message tells of, by the names of its placeholders. The core
 * finds; what is said, in which language and units, stands in one catalogue
 * (docs/decisions/0015).
 *
 * @phpstan-type Told Figure|BackedEnum|Finding|string|int|list<BackedEnum>|list<Finding>|list<string>
 */
final readonly class Finding
{
    /** @param  array<string, Told>  $figures */
    private function __construct(
        public string $code,
        public array $figures,
    ) {
    }

    /**
     * @param  string  $code  "area.what", in the catalogue
     * @param  Told  ...$figures  by name: texts are names that a keeper gave, whole numbers are counts
     */
    public static function of(string $code, mixed ...$figures): self
    {
        /** @var array<string, Told> $figures */
        return new self($code, $figures);
    }
}
