<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\FishLengthReader;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnreadableLength;

/** A length as somebody typed it. */
final readonly class TypedLength
{
    /**
     * @return float|null null when nothing was typed
     *
     * @throws InvalidEntry on that field when it cannot be read
     */
    public static function millimetres(string $field, string $text, Units $units): ?float
    {
        if (trim($text) === '') {
            return null;
        }
        try {
            return (new FishLengthReader($units->length))->read($text)->millimetres();
        } catch (UnreadableLength $e) {
            throw InvalidEntry::because($field, $e->finding());
        }
    }
}
