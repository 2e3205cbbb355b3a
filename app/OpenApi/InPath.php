<?php

declare(strict_types=1);

namespace App\OpenApi;

use Attribute;
use OpenApi\Attributes as OA;

/** A number in the address. */
#[Attribute(Attribute::TARGET_METHOD)]
final class InPath extends OA\Parameter
{
    public function __construct(string $name)
    {
        parent::__construct(name: $name, in: 'path', required: true, schema: new OA\Schema(type: 'integer'));
    }
}
