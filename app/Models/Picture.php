<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A photograph of a fish or a system, by itself or with an entry of the log.
 *
 * @property int $id
 * @property int|null $fish_id
 * @property int|null $system_id
 * @property string|null $entry_kind
 * @property int|null $entry_id
 * @property string $date
 * @property string|null $time
 * @property int $width pixels
 * @property int $height
 * @property int $bytes on the disk, in all sizes
 * @property string $sha256 of the full size
 * @property string|null $note
 * @property array<string, mixed>|null $marks see PictureMarks
 * @property int|null $user_id
 */
final class Picture extends Model
{
    use KeepsHistory;

    protected $casts = ['marks' => 'array'];
}
