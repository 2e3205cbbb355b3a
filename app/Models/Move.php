<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * @property int $from_system_id
 * @property int $to_system_id
 */
final class Move extends LogEntry
{
    /** @return BelongsTo<System, $this> */
    public function from(): BelongsTo
    {
        return $this->belongsTo(System::class, 'from_system_id');
    }

    /** @return BelongsTo<System, $this> */
    public function to(): BelongsTo
    {
        return $this->belongsTo(System::class, 'to_system_id');
    }

    /** @return HasOne<MoveSheetFish, $this> the sheet by which it was made */
    public function sheetEntry(): HasOne
    {
        return $this->hasOne(MoveSheetFish::class);
    }
}
