<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How long the oxygen of a tub without air lasts, its surface not counted.')]
final readonly class TubSheet
{
    public function __construct(
        #[OA\Property] public string $sentence,
        #[OA\Property] public float $minutes,
        #[OA\Property] public float $mass_g,
        #[OA\Property] public float $temperature_c,
    ) {
    }

    public static function from(float $minutes, float $mass, float $celsius, string $name): self
    {
        $whole = (int) floor($minutes);

        return new self(
            $whole < 1 ? "{$name} must not wait in this tub without air." : "Without air {$name} has about {$whole} minutes in this tub. Put a stone in it all the same.",
            round($minutes, 1), round($mass), round($celsius, 1),
        );
    }
}
