<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Company\Act;
use Biomegas\Company\Harm;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $target_id
 * @property string|null $time
 * @property Act $act
 * @property Harm $harm
 */
final class Incident extends LogEntry
{
    protected $casts = ['act' => Act::class, 'harm' => Harm::class];

    /** @return BelongsTo<Fish, $this> */
    public function target(): BelongsTo
    {
        return $this->belongsTo(Fish::class, 'target_id');
    }
}
