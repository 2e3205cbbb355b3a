<?php

declare(strict_types=1);

namespace App\Feeding;

use App\Models\Food;

/**
 * The foods that come with the application: database/foods. Protein and dry
 * matter are common practice from memory, no published source; none has a price.
 */
final readonly class ShippedFoods
{
    /** Puts them into a new installation. */
    public static function install(): void
    {
        foreach (self::all() as $food) {
            Food::query()->create($food);
        }
    }

    /** @return list<array<string, mixed>> */
    public static function all(): array
    {
        return json_decode((string) file_get_contents(database_path('foods/common.json')), true, 16, JSON_THROW_ON_ERROR);
    }
}
