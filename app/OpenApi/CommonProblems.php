<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Analysis;
use OpenApi\Annotations\MediaType;
use OpenApi\Annotations\Operation;
use OpenApi\Annotations\Response;
use OpenApi\Annotations\Schema;

/** What can befall any request: a session that ended, too many at once, a busy database. Said once for all of them. */
final readonly class CommonProblems
{
    public function __invoke(Analysis $analysis): void
    {
        foreach ($analysis->getAnnotationsOfType(Operation::class) as $operation) {
            if ($operation instanceof Operation) {
                $operation->responses[] = new Response([
                    'response' => 'default',
                    'description' => 'Unreadable, refused, too large, too often, or busy.',
                    'content' => ['application/json' => new MediaType(['mediaType' => 'application/json', 'schema' => new Schema(['ref' => '#/components/schemas/Problem'])])],
                ]);
            }
        }
    }
}
