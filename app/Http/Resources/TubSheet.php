<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Finding\Finding;
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

    public static function from(float $minutes, float $mass, float $celsius, string $name, Messages $says): self
    {
        $whole = (int) floor($minutes);

        return new self(
            $says->say($whole < 1 ? Finding::of('water.tub_without_time', fish: $name) : Finding::of('water.tub', fish: $name, minutes: $whole)),
            round($minutes, 1), round($mass), round($celsius, 1),
        );
    }
}
