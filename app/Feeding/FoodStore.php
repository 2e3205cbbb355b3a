<?php

declare(strict_types=1);

namespace App\Feeding;

use App\Models\Food as WrittenFood;
use App\Repair\StoredTable;
use App\Repair\UnreadableRows;
use Biomegas\Facility\Diet;
use Biomegas\Finding\Finding;
use Biomegas\Food\Food;
use Biomegas\Food\FoodUnit;
use Biomegas\Food\Taking;

/** The foods of the place, as the core sees them. */
final class FoodStore
{
    public const MOST = 200;

    /** @var array<int, Food>|null by id, also those that are no longer kept */
    private ?array $foods = null;

    public function __construct(private readonly UnreadableRows $unreadable)
    {
    }

    /** @return array<int, Food> by id, in the order of their names */
    public function kept(): array
    {
        return array_intersect_key($this->all(), array_flip(WrittenFood::query()->orderBy('id')->limit(self::MOST)->pluck('id')->all()));
    }

    /** Null: it is not there, or cannot be read. */
    public function find(?int $id): ?Food
    {
        return $id === null ? null : $this->all()[$id] ?? null;
    }

    /** @return array<int, Food> */
    private function all(): array
    {
        return $this->foods ??= array_column($this->unreadable->readAll(StoredTable::Foods, WrittenFood::withTrashed()->orderByRaw('name collate nocase')->get(), fn (WrittenFood $row): array => ['id' => $row->id, 'food' => self::food($row)]), 'food', 'id');
    }

    public static function food(WrittenFood $row): Food
    {
        return new Food(
            "food-{$row->id}", $row->name, $row->form, array_map(Diet::from(...), $row->taken_by), $row->protein, $row->dry_matter,
            $row->unit, $row->grams_each, $row->pack, $row->price, $row->keeps_days, $row->is_fish, array_map(Taking::from(...), $row->own_word),
        );
    }

    /** Two units for one food: which it is counted in here. */
    public static function otherUnit(WrittenFood $food): Finding
    {
        return $food->unit === FoodUnit::Gram ? Finding::of('food.unit_gram', food: $food->name) : Finding::of('food.unit_piece', food: $food->name);
    }

    public static function id(Food $food): int
    {
        return (int) substr($food->key, strlen('food-'));
    }
}
