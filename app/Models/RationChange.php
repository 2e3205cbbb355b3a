<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Rulebook\Ration;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $fish_id
 * @property string $from
 * @property Ration $ration
 */
final class RationChange extends Model
{
    use KeepsHistory;

    protected $casts = ['ration' => Ration::class];
}
