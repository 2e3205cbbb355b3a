<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Meal;
use Biomegas\Food\MealOutcome;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One go of feeding.')]
final readonly class MealRow
{
    private function __construct(
        #[OA\Property(description: 'Delete it to undo.')] public int $id,
        #[OA\Property] public ?string $time,
        #[OA\Property(type: 'string', enum: MealOutcome::class)] public string $outcome,
    ) {
    }

    public static function from(Meal $meal): self
    {
        return new self($meal->id, $meal->time === null ? null : substr($meal->time, 0, 5), $meal->outcome->value);
    }
}
