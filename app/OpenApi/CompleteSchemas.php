<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Analysis;
use OpenApi\Annotations\Schema;
use OpenApi\Generator;

/**
 * Every answer has all of its members and no others: said once here rather
 * than in each schema, so that a test against the description misses nothing.
 * Request schemas list what they require themselves.
 */
final readonly class CompleteSchemas
{
    public function __invoke(Analysis $analysis): void
    {
        $schemas = $analysis->openapi?->components->schemas ?? Generator::UNDEFINED;
        foreach (is_array($schemas) ? $schemas : [] as $schema) {
            $this->complete($schema);
        }
    }

    private function complete(Schema $schema): void
    {
        if (Generator::isDefault($schema->properties)) {
            return;
        }
        foreach ($schema->properties as $property) {
            // A list of allowed values binds null too.
            if ($property->nullable === true && is_array($property->enum)) {
                $property->enum[] = null; // @phpstan-ignore assign.propertyType (the library's type forgets null)
            }
        }
        if (Generator::isDefault($schema->additionalProperties)) {
            $schema->additionalProperties = false;
        }
        if (Generator::isDefault($schema->required)) {
            $schema->required = array_map(fn ($property): string => $property->property, $schema->properties);
        }
    }
}
