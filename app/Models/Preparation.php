<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $system_id
 * @property string $wanted_on
 * @property bool $is_built
 * @property bool $uses_tap_water
 * @property bool $has_starter_fish
 * @property int|null $donor_system_id
 * @property float $donor_share
 * @property int|null $species_id
 * @property int|null $count
 * @property int|null $length_tenth_mm
 * @property array<string, string> $done
 */
final class Preparation extends Model
{
    protected $casts = ['is_built' => 'boolean', 'uses_tap_water' => 'boolean', 'has_starter_fish' => 'boolean', 'donor_share' => 'float', 'done' => 'array'];
}
