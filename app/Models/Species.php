<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A kind, described in the words of the scenario format.
 *
 * @property int $id
 * @property string $key
 * @property string $common_name
 * @property array<string, mixed> $description
 * @property string $form
 */
final class Species extends Model
{
    protected $table = 'species';

    protected $casts = ['description' => 'array'];
}
