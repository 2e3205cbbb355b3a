<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Feeding\CultureBook;
use App\Feeding\FoodBook;
use Biomegas\Food\Purchase;
use Biomegas\Food\Stock;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The store: foods, what to buy, what is bred.')]
final readonly class FoodSheet
{
    /**
     * @param  list<FoodRow>  $foods
     * @param  list<PurchaseRow>  $shopping
     * @param  list<CultureRow>  $cultures
     */
    private function __construct(
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FoodRow::class))] public array $foods,
        #[OA\Property(description: 'The first to buy first.', type: 'array', items: new OA\Items(ref: PurchaseRow::class))] public array $shopping,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CultureRow::class))] public array $cultures,
    ) {
    }

    public static function from(FacilitySnapshot $kept): self
    {
        $book = new FoodBook($kept);
        $cultures = new CultureBook($kept, $book);

        return new self(
            $kept->facility->date->toIso(),
            array_values(array_map(fn (Stock $stock): FoodRow => FoodRow::from($stock, $kept), $book->stocks())),
            array_map(fn (Purchase $purchase): PurchaseRow => PurchaseRow::from($purchase, $kept), $book->shoppingList()),
            array_map(fn (array $one): CultureRow => CultureRow::from($one[0], $one[1], $kept), $cultures->all()),
        );
    }
}
