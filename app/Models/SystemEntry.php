<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One entry about a system on a day. What was taken back stays behind it.
 *
 * @property int $id
 * @property int $system_id
 * @property string $date
 * @property int|null $user_id
 */
abstract class SystemEntry extends Model
{
    use KeepsHistory;
}
