<?php

declare(strict_types=1);

namespace App\OpenApi;

use Attribute;
use OpenApi\Attributes as OA;

/** An answer that is a list of one of our schemas. */
#[Attribute(Attribute::TARGET_METHOD)]
final class AnswersList extends OA\Response
{
    public function __construct(string $schema, string $description)
    {
        parent::__construct(
            response: 200,
            description: $description,
            content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: "#/components/schemas/{$schema}")),
        );
    }
}
