<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A letter that stays in the mailbox of the place.
 *
 * @property int $id
 * @property string $to
 * @property string $subject
 * @property string $text
 * @property CarbonImmutable $sent_at
 */
final class Letter extends Model
{
    /** The oldest go. */
    public const MOST = 200;

    public $timestamps = false;

    protected $casts = ['sent_at' => 'immutable_datetime'];
}
