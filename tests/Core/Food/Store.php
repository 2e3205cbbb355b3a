<?php

declare(strict_types=1);

namespace Tests\Core\Food;

use Biomegas\Facility\Diet;
use Biomegas\Food\Food;
use Biomegas\Food\FoodForm;
use Biomegas\Food\FoodUnit;
use Biomegas\Food\Taking;

/** Invented foods for the tests. */
final readonly class Store
{
    public static function pellets(?float $price = 10.0, ?int $keepsDays = 60): Food
    {
        return new Food('food-1', 'Pellets', FoodForm::Dry, [Diet::Meat, Diet::Omnivore], 0.46, pack: 1000.0, price: $price, keepsDays: $keepsDays);
    }

    /** A quarter of its mass is dry: 0.92 g of them are as much as a quarter of a gram of dry food. */
    public static function worms(): Food
    {
        return new Food('food-2', 'Worms', FoodForm::Live, [Diet::Meat], 0.15, 0.23, FoodUnit::Piece, 0.8);
    }

    /** @param  array<string, Taking>  $words */
    public static function liveFish(array $words = []): Food
    {
        return new Food('food-3', 'Young', FoodForm::Live, [Diet::Meat], 0.15, 0.23, FoodUnit::Piece, 0.3, isFish: true, ownWord: $words);
    }
}
