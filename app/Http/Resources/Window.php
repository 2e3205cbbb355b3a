<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Growth\Projection\LateMeans;
use Biomegas\Growth\Projection\OutgrowWindow;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'When a fish reaches the limit of a home: 10, 50 and 90 % of what is possible.')]
final readonly class Window
{
    public function __construct(
        #[OA\Property(description: 'Within the horizon, 0 to 1.')] public float $probability,
        #[OA\Property(format: 'date')] public ?string $early,
        #[OA\Property(format: 'date')] public ?string $likely,
        #[OA\Property(format: 'date')] public ?string $late,
        #[OA\Property(type: 'string', enum: LateMeans::class, nullable: true)] public ?LateMeans $late_means,
    ) {
    }

    public static function from(OutgrowWindow $window): self
    {
        return new self(
            round($window->probability, 4),
            $window->early?->toIso(),
            $window->likely?->toIso(),
            $window->late?->toIso(),
            $window->lateMeans,
        );
    }
}
