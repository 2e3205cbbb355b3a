<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * @property int $id
 * @property int $from_fish_id
 * @property int $to_fish_id
 * @property int $count
 * @property string $date
 * @property array<string, array<int, string>>|null $copied rows that the part got from the shoal: by table, the state of each by its number
 */
final class ShoalSplit extends Model
{
    use SoftDeletes;

    protected $casts = ['copied' => 'array'];
}
