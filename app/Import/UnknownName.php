<?php

declare(strict_types=1);

namespace App\Import;

use Biomegas\Finding\Finding;
use stdClass;

/** What is said of a name in a row that is nobody's. */
final readonly class UnknownName
{
    private const MOST_SAID = 3;

    /** @param  list<stdClass>  $near  rows with a name, as a search finds them */
    public static function finding(string $typed, array $near, Finding $otherwise): Finding
    {
        return $near === [] ? $otherwise : Finding::of('names.near', typed: $typed, near: array_map(fn (stdClass $row): string => $row->name, array_slice($near, 0, self::MOST_SAID)));
    }
}
