<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Rulebook\PairVerdict as Verdict;

/**
 * What the keeper says of two fish.
 *
 * @property int $other_id
 * @property Verdict $verdict
 * @property string $reason
 */
final class PairVerdict extends LogEntry
{
    protected $casts = ['verdict' => Verdict::class];
}
