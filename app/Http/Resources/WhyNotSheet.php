<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What stands against a fish in a home on a day, everybody else as planned.')]
final readonly class WhyNotSheet
{
    /** @param  list<string>  $sentences */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $sentences,
    ) {
    }
}
