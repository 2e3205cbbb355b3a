<?php

declare(strict_types=1);

namespace App\Scenario;

use JsonException;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** A JSON text held against one of the schemas in docs/formats. */
final readonly class JsonDocument
{
    /**
     * @return array<string, mixed>
     *
     * @throws InvalidDocument naming the path and what was expected there
     */
    public static function read(string $text, string $file, string $schema): array
    {
        try {
            $document = json_decode($text, false, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw InvalidDocument::becauseItIsNoJson($file, $e->getMessage());
        }
        self::check($document, $schema);

        /** @var array<string, mixed> */
        return json_decode($text, true, 64, JSON_THROW_ON_ERROR);
    }

    /**
     * Holds a value against one of the definitions of a schema.
     *
     * @throws InvalidDocument
     */
    public static function checkPart(mixed $value, string $schema, string $definition): void
    {
        self::check($value, $schema, "#/\$defs/{$definition}");
    }

    /** @throws InvalidDocument */
    private static function check(mixed $document, string $schema, string $part = ''): void
    {
        $validator = new Validator;
        $uri = "https://biomegas.example/formats/{$schema}.schema.json";
        $validator->resolver()?->registerFile($uri, base_path("docs/formats/{$schema}.schema.json"));
        $error = $validator->validate($document, $uri.$part)->error();
        if ($error !== null) {
            $cause = self::deepest($error);

            throw InvalidDocument::at(self::path($cause), SchemaFinding::of($cause));
        }
    }

    /** The schema nests its rules; the innermost error is the one at the place to mend. */
    private static function deepest(ValidationError $error): ValidationError
    {
        $inner = $error->subErrors();

        return $inner === [] ? $error : self::deepest($inner[0]);
    }

    private static function path(ValidationError $error): string
    {
        $path = '';
        foreach ($error->data()->fullPath() as $step) {
            $path .= is_int($step) ? "[{$step}]" : ($path === '' ? $step : ".{$step}");
        }

        return $path === '' ? 'the document' : $path;
    }
}
