<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Culture\CultureEventKind;
use Illuminate\Database\Eloquent\Model;

/**
 * What was counted in a culture, taken from it or added to it.
 *
 * @property int $id
 * @property int $culture_id
 * @property string $date
 * @property CultureEventKind $kind
 * @property float $number
 * @property int|null $user_id
 */
final class CultureEntry extends Model
{
    use KeepsHistory;

    protected $casts = ['kind' => CultureEventKind::class, 'number' => 'float'];
}
