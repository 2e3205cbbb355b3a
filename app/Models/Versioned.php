<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A record whose changes name the version that they were made from.
 *
 * @phpstan-require-extends Model
 */
trait Versioned
{
    /**
     * Changes it if it is still as it was seen; the statement that writes
     * decides that, so of two changes from one version one alone succeeds.
     *
     * @param  array<string, mixed>  $columns
     *
     * @throws StaleVersion
     */
    public function changeFrom(int $seenVersion, array $columns): void
    {
        $next = $seenVersion + 1;
        $claimed = static::query()->whereKey($this->getKey())->where('version', $seenVersion)->toBase()->update(['version' => $next]);
        if ($claimed === 0) {
            throw new StaleVersion($this->refresh());
        }
        $this->update([...$columns, 'version' => $next]);
    }
}
