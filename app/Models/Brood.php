<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Brood\BroodSign;
use Biomegas\Brood\BroodStyle;

/**
 * A brood, in the record of its mother.
 *
 * @property int $system_id
 * @property int|null $father_id
 * @property BroodStyle $style
 * @property BroodSign $sign
 * @property string|null $place
 * @property array<string, array{done?: bool, out?: bool, on?: string|null}> $steps by kind
 * @property string|null $outcome 'raised', 'lost' or 'left'; null: it goes on
 * @property string|null $ended_on
 * @property int|null $fry_id the shoal that the young became
 */
final class Brood extends LogEntry
{
    protected $casts = ['style' => BroodStyle::class, 'sign' => BroodSign::class, 'steps' => 'array'];

    protected $attributes = ['steps' => '{}'];
}
