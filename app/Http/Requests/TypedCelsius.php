<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\Units;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\ValueReader;

/** A temperature as somebody typed it. */
final readonly class TypedCelsius
{
    /** @throws InvalidEntry on that field when it cannot be read */
    public static function of(string $field, string $text, Units $units): float
    {
        try {
            return (new ValueReader($units->temperature))->read(Quantity::Temperature, $text);
        } catch (InvalidEntry $e) {
            throw InvalidEntry::because($field, $e->finding());
        }
    }
}
