<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Species\Outline;
use Biomegas\Facility\Fish;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A fish or shoal as a sitter has to know it: by name, number and looks.')]
final readonly class SitterFish
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $species,
        #[OA\Property] public int $count,
        #[OA\Property(description: 'Its outline in the drawing kit.', type: 'string', enum: Outline::class)] public string $form,
        #[OA\Property(description: 'Its colour and mark.', minimum: 0, maximum: 7)] public int $band,
        #[OA\Property(description: 'Likely, today.')] public float $length_mm,
    ) {
    }

    public static function from(FacilitySnapshot $kept, Fish $fish): self
    {
        $row = FishRow::from($kept, $fish);

        return new self($row->name, $row->species, $row->count, $row->form, $row->band, $row->length_mm->likely);
    }
}
