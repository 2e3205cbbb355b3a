<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Laravel\Sanctum\HasApiTokens;
use Laravel\Sanctum\PersonalAccessToken;

/**
 * A device that measures the water of one system and may post readings of it, nothing else.
 *
 * @property int $id
 * @property int $system_id
 * @property string $name
 */
final class Probe extends Model
{
    /** @use HasApiTokens<PersonalAccessToken> */
    use HasApiTokens;

    use SoftDeletes;

    public const MAY_POST = 'post-readings';
}
