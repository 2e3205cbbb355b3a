<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Fish;
use Biomegas\Facility\Purpose;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Where a fish comes from, what it is kept for, and where it goes if it cannot stay.')]
final readonly class Circumstances
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(type: 'string', enum: Purpose::class)] public Purpose $purpose,
        #[OA\Property(type: 'string', nullable: true, enum: ['tank-raised', 'wild-caught', 'own-bred'])] public ?string $origin,
        #[OA\Property] public ?string $fallback,
        #[OA\Property(description: 'What was paid for one.')] public ?float $price,
        #[OA\Property(description: 'How it was when it came.')] public ?string $arrival_note,
    ) {
    }

    public static function from(Fish $fish): self
    {
        return new self($fish->name, $fish->purpose, $fish->origin, $fish->fallback, $fish->price_hundredths === null ? null : $fish->price_hundredths / 100, $fish->arrival_note);
    }
}
