<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Moving\Quarantine\ProductClass;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

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
    use SoftDeletes;

    protected $casts = ['product_class' => ProductClass::class];
}
