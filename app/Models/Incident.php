<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Company\Act;
use Biomegas\Company\Harm;

/**
 * @property int $target_id
 * @property string|null $time
 * @property Act $act
 * @property Harm $harm
 * @property list<string> $occasions what was going on
 * @property int|null $first_id the entry that led it, where one went for all
 * @property int|null $watch_check_id the look at which it was seen
 */
final class Incident extends LogEntry
{
    protected $casts = ['act' => Act::class, 'harm' => Harm::class, 'occasions' => 'array'];

    protected $attributes = ['occasions' => '[]'];
}
