<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $move_sheet_id
 * @property int $fish_id
 * @property int|null $count
 * @property int|null $move_id
 */
final class MoveSheetFish extends Model
{
    protected $table = 'move_sheet_fish';

    public $timestamps = false;
}
