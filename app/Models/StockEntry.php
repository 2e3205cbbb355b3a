<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Food\StockEntryKind;
use Illuminate\Database\Eloquent\Model;

/**
 * What was bought, counted, opened or thrown away of a food.
 *
 * @property int $id
 * @property int $food_id
 * @property string $date
 * @property StockEntryKind $kind
 * @property float|null $amount
 * @property float|null $price
 * @property int|null $user_id
 */
final class StockEntry extends Model
{
    use KeepsHistory;

    protected $casts = ['kind' => StockEntryKind::class, 'amount' => 'float', 'price' => 'float'];
}
