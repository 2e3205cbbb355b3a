<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $fish_id
 * @property int $system_id
 * @property string $from
 * @property string|null $until
 * @property int|null $move_id
 */
final class Stay extends Model
{
}
