<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * In a keeper's own words: of a fish, of a system, or of the day.
 *
 * @property int $id
 * @property int|null $fish_id
 * @property int|null $system_id
 * @property string $date
 * @property string|null $time
 * @property string $text
 * @property int|null $user_id
 */
final class Note extends Model
{
    use KeepsHistory;
}
