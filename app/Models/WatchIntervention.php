<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Moving\Watch\Intervention;
use Biomegas\Moving\Watch\Success;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $watch_id
 * @property Intervention $intervention
 * @property string $at
 * @property string|null $stop_at
 * @property Success|null $success
 */
final class WatchIntervention extends Model
{
    use KeepsHistory;

    protected $casts = ['intervention' => Intervention::class, 'success' => Success::class];
}
