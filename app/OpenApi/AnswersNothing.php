<?php

declare(strict_types=1);

namespace App\OpenApi;

use Attribute;
use OpenApi\Attributes as OA;

/** Done, and nothing to say. */
#[Attribute(Attribute::TARGET_METHOD)]
final class AnswersNothing extends OA\Response
{
    public function __construct(string $description)
    {
        parent::__construct(response: 204, description: $description);
    }
}
