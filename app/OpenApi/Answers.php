<?php

declare(strict_types=1);

namespace App\OpenApi;

use Attribute;
use OpenApi\Attributes as OA;

/** An answer with one of our schemas as its body. */
#[Attribute(Attribute::TARGET_METHOD | Attribute::IS_REPEATABLE)]
final class Answers extends OA\Response
{
    public function __construct(int $status, string $schema, string $description)
    {
        parent::__construct(
            response: $status,
            description: $description,
            content: new OA\JsonContent(ref: "#/components/schemas/{$schema}"),
        );
    }
}
