<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Cost\SpendingKind;
use Illuminate\Database\Eloquent\Model;

/**
 * Money that was paid, food apart: that stands with what was bought.
 *
 * @property int $id
 * @property string $date
 * @property SpendingKind $kind
 * @property float $amount
 * @property string $what
 * @property int|null $system_id
 * @property int|null $fish_id
 * @property int|null $user_id
 */
final class Spending extends Model
{
    use KeepsHistory;

    protected $casts = ['kind' => SpendingKind::class, 'amount' => 'float'];
}
