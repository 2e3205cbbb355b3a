<?php

declare(strict_types=1);

namespace App\Scenario;

use Biomegas\Finding\Finding;
use Biomegas\Measure\Number;
use Opis\JsonSchema\Errors\ValidationError;
use stdClass;

/** What a schema wants at the place where a document differs from it. */
final readonly class SchemaFinding
{
    public static function of(ValidationError $error): Finding
    {
        $rules = $error->schema()->info()->data();
        $rules = $rules instanceof stdClass ? $rules : new stdClass;

        return match ($error->keyword()) {
            'type' => Finding::of('schema.type', types: array_map(JsonType::from(...), array_map(strval(...), array_values((array) ($rules->type ?? []))))),
            'required' => Finding::of('schema.missing', fields: self::names($error->args()['missing'] ?? [])),
            'minimum', 'exclusiveMinimum', 'maximum', 'exclusiveMaximum' => self::bounds($rules),
            'enum' => Finding::of('schema.choose', values: self::names($rules->enum ?? [])),
            'const' => Finding::of('schema.constant', value: (string) json_encode($rules->const ?? null)),
            'minLength' => ($rules->minLength ?? 1) === 1 ? Finding::of('schema.empty') : Finding::of('schema.too_short', least: (int) $rules->minLength),
            'maxLength' => Finding::of('schema.too_long', most: (int) ($rules->maxLength ?? 0)),
            'pattern', 'format' => isset($rules->format) && $rules->format === 'date' ? Finding::of('schema.no_day') : Finding::of('schema.pattern'),
            'minItems' => Finding::of('schema.too_few', least: (int) ($rules->minItems ?? 1)),
            'maxItems' => Finding::of('schema.too_many', most: (int) ($rules->maxItems ?? 0)),
            'maxProperties' => Finding::of('schema.too_many_fields', most: (int) ($rules->maxProperties ?? 0)),
            'additionalProperties' => Finding::of('schema.unknown', fields: self::names($error->args()['properties'] ?? [])),
            default => Finding::of('schema.other'),
        };
    }

    private static function names(mixed $names): string
    {
        return implode(', ', array_map(fn (mixed $name): string => is_string($name) ? $name : (string) json_encode($name), (array) $names));
    }

    private static function bounds(stdClass $rules): Finding
    {
        $least = $rules->minimum ?? $rules->exclusiveMinimum ?? null;
        $most = $rules->maximum ?? $rules->exclusiveMaximum ?? null;
        $isAbove = isset($rules->exclusiveMinimum) && ! isset($rules->minimum);
        [$low, $high] = [Number::of((float) $least), Number::of((float) $most)];

        return match (true) {
            $least === null => Finding::of('schema.at_most', most: $high),
            $most === null && $isAbove => Finding::of('schema.above', least: $low),
            $most === null => Finding::of('schema.at_least', least: $low),
            $isAbove => Finding::of('schema.above_and_at_most', least: $low, most: $high),
            default => Finding::of('schema.between', least: $low, most: $high),
        };
    }
}
