<?php

declare(strict_types=1);

namespace App\Models;

use App\Sitting\Outcome;
use Illuminate\Database\Eloquent\Model;

/**
 * What a sitter did or saw at one home on a day.
 *
 * @property int $id
 * @property int $sitter_id
 * @property int|null $system_id
 * @property string $date
 * @property string $time
 * @property string $task
 * @property Outcome $outcome
 * @property string|null $note
 */
final class RoundTick extends Model
{
    use KeepsHistory;

    protected $casts = ['outcome' => Outcome::class];
}
