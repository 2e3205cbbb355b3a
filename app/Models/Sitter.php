<?php

declare(strict_types=1);

namespace App\Models;

use App\People\LinkSecret;
use Biomegas\Calendar\LocalDate;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Somebody who looks after the fish for some days, by a link of their own.
 *
 * @property int $id
 * @property string $name
 * @property string $from
 * @property string $until the last day
 * @property string $call whom to call
 * @property string|null $note
 * @property int|null $user_id who asked them
 * @property CarbonImmutable|null $seen_at
 * @property CarbonImmutable|null $revoked_at
 */
final class Sitter extends Model
{
    /** Longer than anybody is away. */
    public const MOST_DAYS = 60;

    /** What they wrote on the last day without a network is taken so long after it. */
    private const DAYS_HEARD_LATE = 7;

    /** Kept to look back at. */
    public const MOST = 100;

    protected $casts = ['seen_at' => 'immutable_datetime', 'revoked_at' => 'immutable_datetime'];

    protected $attributes = ['note' => null, 'seen_at' => null, 'revoked_at' => null];

    /** The one whose link this is; null: none, or taken back. */
    public static function ofSecret(string $secret): ?self
    {
        return self::query()->where('secret_hash', LinkSecret::hash($secret))->whereNull('revoked_at')->first();
    }

    public function isOver(LocalDate $today): bool
    {
        return $this->revoked_at !== null || $today->isAfter(LocalDate::fromIso($this->until));
    }

    public function mayBeHeardOn(LocalDate $today): bool
    {
        return ! $this->isOver($today->plusDays(-self::DAYS_HEARD_LATE));
    }

    public function hasBegun(LocalDate $today): bool
    {
        return ! LocalDate::fromIso($this->from)->isAfter($today);
    }
}
