<?php

declare(strict_types=1);

namespace App\OpenApi;

use Attribute;
use OpenApi\Attributes as OA;

/** A request whose body is one of our schemas. */
#[Attribute(Attribute::TARGET_METHOD)]
final class Takes extends OA\RequestBody
{
    public function __construct(string $schema)
    {
        parent::__construct(required: true, content: new OA\JsonContent(ref: "#/components/schemas/{$schema}"));
    }
}
