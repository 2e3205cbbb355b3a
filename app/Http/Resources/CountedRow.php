<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Losses\CountKind;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A count of a shoal.')]
final readonly class CountedRow
{
    public function __construct(
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(type: 'string', enum: CountKind::class)] public CountKind $kind,
        #[OA\Property] public int $number,
        #[OA\Property(nullable: true, description: 'Of an estimate: so many more or fewer there may be.')] public ?int $give_or_take,
        #[OA\Property(description: 'Below what was believed.')] public bool $is_low,
    ) {
    }
}
