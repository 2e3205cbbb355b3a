<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Moving\Quarantine\ProductClass;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $fish_id
 * @property ProductClass $product_class
 * @property string|null $dose
 * @property string $from
 * @property string $until
 * @property string|null $withdrawal
 */
final class Treatment extends Model
{
    use KeepsHistory;

    protected $casts = ['product_class' => ProductClass::class];
}
