<?php

declare(strict_types=1);

namespace App\OpenApi;

use Attribute;
use OpenApi\Attributes as OA;

/** The header by which a write that is sent twice is recorded once. */
#[Attribute(Attribute::TARGET_METHOD)]
final class Idempotent extends OA\Parameter
{
    public function __construct()
    {
        parent::__construct(name: 'Idempotency-Key', in: 'header', required: false, schema: new OA\Schema(type: 'string', maxLength: 100));
    }
}
