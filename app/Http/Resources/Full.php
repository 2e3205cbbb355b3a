<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Planning\FullSystem;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'When a system is full for those who live in it, and why.')]
final readonly class Full
{
    public function __construct(
        #[OA\Property(format: 'date')] public ?string $early,
        #[OA\Property(format: 'date')] public ?string $likely,
        #[OA\Property(format: 'date')] public ?string $late,
        #[OA\Property] public string $because,
    ) {
    }

    public static function from(?FullSystem $full, Messages $says): ?self
    {
        return $full === null ? null : new self($full->early?->toIso(), $full->likely?->toIso(), $full->late?->toIso(), $says->say($full->because));
    }
}
