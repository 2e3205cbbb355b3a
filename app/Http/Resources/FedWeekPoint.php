<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Food\FedWeek;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What was fed in a week, of the ration by the book.')]
final readonly class FedWeekPoint
{
    private function __construct(
        #[OA\Property(format: 'date')] public string $monday,
        #[OA\Property] public float $given,
        #[OA\Property] public float $eaten,
    ) {
    }

    public static function from(FedWeek $week): self
    {
        return new self($week->monday->toIso(), round($week->ofRation($week->given), 3), round($week->ofRation($week->eaten), 3));
    }
}
