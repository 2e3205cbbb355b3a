<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $kind
 * @property int $walk_order
 * @property array<string, mixed> $description
 * @property string|null $available_from
 */
final class System extends Model
{
    protected $casts = ['description' => 'array'];
}
