<?php

declare(strict_types=1);

namespace App\Scenario;

use Opis\JsonSchema\Errors\ValidationError;
use stdClass;

/** Says what a schema wants at the place where a document differs from it. */
final readonly class SchemaSentence
{
    private const TYPES = [
        'array' => 'a list', 'boolean' => 'true or false', 'integer' => 'a whole number', 'null' => 'nothing (null)',
        'number' => 'a number', 'object' => 'a group of fields', 'string' => 'text',
    ];

    public static function of(ValidationError $error): string
    {
        $rules = $error->schema()->info()->data();
        $rules = $rules instanceof stdClass ? $rules : new stdClass;

        return match ($error->keyword()) {
            'type' => 'give '.self::types((array) ($rules->type ?? [])).' here.',
            'required' => 'these are missing: '.implode(', ', (array) ($error->args()['missing'] ?? [])).'.',
            'minimum', 'exclusiveMinimum', 'maximum', 'exclusiveMaximum' => self::bounds($rules),
            'enum' => 'choose one of '.implode(', ', array_map(fn (mixed $one): string => is_string($one) ? $one : (string) json_encode($one), (array) ($rules->enum ?? []))).'.',
            'const' => 'this must be '.json_encode($rules->const ?? null).'.',
            'minLength' => ($rules->minLength ?? 1) === 1 ? 'write something here.' : "write at least {$rules->minLength} characters.",
            'maxLength' => 'this is too long: '.($rules->maxLength ?? '').' characters at most.',
            'pattern', 'format' => isset($rules->format) && $rules->format === 'date'
                ? 'this is not a day of the calendar. Write it as year-month-day, for example 2027-03-01.'
                : 'this is not written as it must be here.',
            'minItems' => 'at least '.($rules->minItems ?? 1).' of them are wanted.',
            'maxItems' => 'at most '.($rules->maxItems ?? 0).' of them are allowed.',
            'maxProperties' => 'at most '.($rules->maxProperties ?? 0).' fields are allowed.',
            'additionalProperties' => 'these fields are not known here: '.implode(', ', (array) ($error->args()['properties'] ?? [])).'.',
            default => 'this is not as the format wants it.',
        };
    }

    /** @param  array<mixed>  $types */
    private static function types(array $types): string
    {
        return implode(' or ', array_map(fn (mixed $one): string => self::TYPES[is_string($one) ? $one : ''] ?? 'something else', $types));
    }

    private static function bounds(stdClass $rules): string
    {
        $least = $rules->minimum ?? $rules->exclusiveMinimum ?? null;
        $most = $rules->maximum ?? $rules->exclusiveMaximum ?? null;
        $above = isset($rules->exclusiveMinimum) && ! isset($rules->minimum);

        return match (true) {
            $least === null => 'give a number of at most '.self::number($most).'.',
            $most === null => 'give a number '.($above ? 'above ' : 'of at least ').self::number($least).'.',
            default => 'give a number '.($above ? 'above ' : 'from ').self::number($least).($above ? ', at most ' : ' to ').self::number($most).'.',
        };
    }

    private static function number(mixed $number): string
    {
        return is_int($number) ? (string) $number : rtrim(rtrim(number_format((float) $number, 5, '.', ''), '0'), '.');
    }
}
