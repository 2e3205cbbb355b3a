<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * @property int $from_system_id
 * @property int $to_system_id
 */
final class Move extends LogEntry
{
    /** @return HasOne<MoveSheetFish, $this> the sheet by which it was made */
    public function sheetEntry(): HasOne
    {
        return $this->hasOne(MoveSheetFish::class);
    }
}
