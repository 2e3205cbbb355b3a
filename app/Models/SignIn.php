<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A browser in which somebody is signed in.
 *
 * @property int $id
 * @property int $user_id
 * @property string $secret_hash
 * @property string $agent as the browser names itself
 * @property CarbonImmutable $began_at
 * @property CarbonImmutable $seen_at to the hour
 */
final class SignIn extends Model
{
    public $timestamps = false;

    protected $casts = ['began_at' => 'immutable_datetime', 'seen_at' => 'immutable_datetime'];
}
