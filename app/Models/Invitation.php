<?php

declare(strict_types=1);

namespace App\Models;

use App\People\LinkSecret;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Somebody may come in once, by a link that nobody else knows.
 *
 * @property int $id
 * @property string $name
 * @property Role $role
 * @property int $user_id who invites
 * @property CarbonImmutable $expires_at
 */
final class Invitation extends Model
{
    public const DAYS = 7;

    /** Open at once. */
    public const MOST = 20;

    protected $casts = ['role' => Role::class, 'expires_at' => 'immutable_datetime'];

    /** The one that this secret opens; null: none, or no longer. */
    public static function openedBy(string $secret): ?self
    {
        return self::query()->where('secret_hash', LinkSecret::hash($secret))->where('expires_at', '>', now())->first();
    }
}
