<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $kind
 * @property float|null $share
 */
final class WaterWork extends SystemEntry
{
    protected $casts = ['share' => 'float'];
}
