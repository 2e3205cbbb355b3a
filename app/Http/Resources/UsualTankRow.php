<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\SystemFormTexts;
use Biomegas\Facility\Shape\UsualTank;
use Biomegas\Measure\Units;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A tank by its nominal outside sizes, each as it would be typed.')]
final readonly class UsualTankRow
{
    public function __construct(
        #[OA\Property(description: 'By which it is sold.')] public string $volume,
        #[OA\Property] public string $length,
        #[OA\Property] public string $width,
        #[OA\Property] public string $height,
        #[OA\Property(description: 'Of the water in it.')] public string $depth,
        #[OA\Property] public string $glass,
    ) {
    }

    public static function from(UsualTank $tank, Units $units): self
    {
        [$length, $width, $height, $depth, $glass] = SystemFormTexts::lengths([$tank->length, $tank->width, $tank->height, $tank->depth, $tank->glass], $units);

        return new self(SystemFormTexts::volume($tank->litres, $units), $length, $width, $height, $depth, $glass);
    }
}
