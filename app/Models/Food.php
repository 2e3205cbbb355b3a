<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Food\FoodForm;
use Biomegas\Food\FoodUnit;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property FoodForm $form
 * @property list<string> $taken_by
 * @property float $protein
 * @property float $dry_matter
 * @property FoodUnit $unit
 * @property float $grams_each
 * @property float|null $pack
 * @property float|null $price
 * @property int|null $keeps_days
 * @property bool $is_fish
 * @property array<string, string> $own_word
 */
final class Food extends Model
{
    use KeepsHistory;

    protected $table = 'foods';

    protected $casts = [
        'form' => FoodForm::class, 'taken_by' => 'array', 'protein' => 'float', 'dry_matter' => 'float', 'unit' => FoodUnit::class, 'grams_each' => 'float',
        'pack' => 'float', 'price' => 'float', 'keeps_days' => 'integer', 'is_fish' => 'boolean', 'own_word' => 'array',
    ];
}
