<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property array<string, float> $values
 * @property string|null $note
 */
final class WaterTest extends SystemEntry
{
    protected $casts = ['values' => 'array'];
}
