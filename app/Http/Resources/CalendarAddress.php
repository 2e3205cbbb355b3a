<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Where the private calendar is read.')]
final readonly class CalendarAddress
{
    public function __construct(
        #[OA\Property(description: 'Null: there is none.')] public ?string $url,
    ) {
    }
}
