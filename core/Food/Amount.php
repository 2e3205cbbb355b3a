<?php

declare(strict_types=1);

namespace Biomegas\Food;

use Biomegas\Finding\Finding;
use Biomegas\Measure\Mass;
use Biomegas\Measure\Number;

/** So much of a food. */
final readonly class Amount
{
    /** Less is not worth measuring out, grams. Judgement. */
    public const LEAST_GRAMS = 0.5;

    public function __construct(
        public Food $food,
        /** In the unit of the food. */
        public float $amount,
    ) {
    }

    /** As it is measured out: pieces whole. */
    public static function toGive(Food $food, float $amount): self
    {
        return new self($food, $food->unit === FoodUnit::Piece ? round($amount) : $amount);
    }

    public function isWorthGiving(): bool
    {
        return $this->food->unit === FoodUnit::Piece ? $this->amount >= 1.0 : $this->amount >= self::LEAST_GRAMS;
    }

    public function finding(): Finding
    {
        return $this->food->unit === FoodUnit::Piece
            ? Finding::of('food.pieces', n: Number::of(round($this->amount)), food: $this->food->name)
            : Finding::of('food.grams', amount: Mass::ofGrams($this->amount), food: $this->food->name);
    }
}
