<?php

declare(strict_types=1);

namespace App\Http\Corrections;

/** How a field of an entry is written. */
enum FieldType: string
{
    case Day = 'day';
    case Time = 'time';
    case Text = 'text';
    /** Over several lines. */
    case Long = 'long';
    /** One on each line. */
    case Lines = 'lines';
    case Whole = 'whole';
    case Decimal = 'decimal';
    case Choice = 'choice';
    case Choices = 'choices';
    case Yes = 'yes';

    /** What is typed, as the requests take it; nonsense is left as it is, to be refused by name. */
    public function read(mixed $typed): mixed
    {
        $isEmpty = $typed === null || $typed === '';

        return match ($this) {
            self::Choices => array_values((array) $typed),
            self::Lines => array_values(array_filter(array_map(trim(...), is_string($typed) ? explode("\n", $typed) : []), fn (string $line): bool => $line !== '')),
            self::Yes => $typed === 'yes',
            self::Whole => $isEmpty ? null : (is_string($typed) && preg_match('/^\s*\d{1,9}\s*$/', $typed) === 1 ? (int) $typed : $typed),
            self::Decimal => $isEmpty ? null : (is_string($typed) && is_numeric(trim($typed)) ? (float) $typed : $typed),
            default => $isEmpty ? null : $typed,
        };
    }
}
