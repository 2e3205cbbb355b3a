<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Biomegas\Measure\UnitSystem;
use Biomegas\RefusedEntry;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\ValueReader;

/** A temperature as somebody typed it. */
final readonly class TypedCelsius
{
    /** @throws RefusedEntry on that field when it cannot be read */
    public static function of(string $field, string $text, UnitSystem $units): float
    {
        try {
            return (new ValueReader($units))->read(Quantity::Temperature, $text);
        } catch (RefusedEntry $e) {
            throw RefusedEntry::because($field, $e->getMessage());
        }
    }
}
