<?php

declare(strict_types=1);

namespace App\Models;

use Biomegas\Facility\LengthKind;
use Biomegas\Rulebook\Method;

/**
 * @property int $length_tenth_mm
 * @property Method $method
 * @property int $version
 * @property LengthKind|null $length_kind
 * @property int $sample
 * @property int|null $spread_tenth_mm
 * @property int|null $picture_id
 * @property float|null $own_error relative; null: as is usual for its method
 */
final class Measurement extends LogEntry
{
    use Versioned;

    protected $casts = ['method' => Method::class, 'length_kind' => LengthKind::class];
}
