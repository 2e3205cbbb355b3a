<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Feeding\FoodStore;
use Biomegas\Food\Purchase;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A food to buy.')]
final readonly class PurchaseRow
{
    private function __construct(
        #[OA\Property] public int $food_id,
        #[OA\Property] public string $says,
        #[OA\Property(format: 'date')] public string $by,
        #[OA\Property(description: 'In the unit of the food.')] public float $amount,
        #[OA\Property] public ?int $packs,
        #[OA\Property] public ?float $price,
        #[OA\Property] public bool $is_due,
    ) {
    }

    public static function from(Purchase $purchase, FacilitySnapshot $kept): self
    {
        return new self(
            FoodStore::id($purchase->food), $kept->says()->say($purchase->finding($kept->facility->date)), $purchase->by->toIso(), $purchase->amount, $purchase->packs, $purchase->price,
            $purchase->isDueOn($kept->facility->date),
        );
    }
}
