<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $watch_id
 * @property string $at
 * @property list<string> $troubles
 * @property bool $has_eaten
 * @property int|null $chased_by_id
 * @property int|null $chases_id
 * @property int|null $first_id the look that led its round; null: it led one, or stands alone
 * @property string|null $note
 */
final class WatchCheck extends Model
{
    use KeepsHistory;

    protected $casts = ['troubles' => 'array', 'has_eaten' => 'boolean'];
}
