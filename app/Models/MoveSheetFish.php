<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Facility\Sex;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $move_sheet_id
 * @property int $fish_id
 * @property int|null $count
 * @property int|null $move_id
 * @property string|null $name of the part of a shoal that goes
 * @property Sex|null $sex
 * @property string|null $size as its keeper calls them
 * @property Fish $fish
 */
final class MoveSheetFish extends Model
{
    protected $table = 'move_sheet_fish';

    public $timestamps = false;

    protected $casts = ['sex' => Sex::class];

    /** @return BelongsTo<Fish, $this> */
    public function fish(): BelongsTo
    {
        return $this->belongsTo(Fish::class);
    }

    /** @return BelongsTo<MoveSheet, $this> */
    public function sheet(): BelongsTo
    {
        return $this->belongsTo(MoveSheet::class, 'move_sheet_id');
    }
}
