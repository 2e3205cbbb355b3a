<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What one cause adds to the error of a length from a picture.')]
final readonly class PictureErrorShare
{
    public function __construct(
        #[OA\Property] public string $cause,
        #[OA\Property(description: 'Relative standard error that it makes alone.')] public float $error,
        #[OA\Property(description: 'Of the variance; all are 1 together.')] public float $share,
    ) {
    }
}
