<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The young on a day to come.')]
final readonly class FryMonth
{
    public function __construct(
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(description: 'Likely.')] public float $length_mm,
        #[OA\Property(description: 'Share of the floor needed in the fullest layer.')] public float $floor,
        #[OA\Property(description: 'Dry food a day.')] public float $feed_g,
        #[OA\Property(nullable: true, description: 'Of what the filter carries; null: not known.')] public ?float $filter_share,
    ) {
    }
}
