<?php

declare(strict_types=1);

namespace App\Facility;

use Closure;
use Illuminate\Contracts\Cache\Repository;

/**
 * Answers of the core, kept until what they were computed from changes. Each
 * is filed under a fingerprint of its whole input, so nothing can go stale;
 * when there are too many, those that were not asked for longest go first.
 */
final class KeptAnswers
{
    private const FILE = 'biomegas.answers';

    private const KEPT_SECONDS = 7 * 86400;

    private const MOST = 3000;

    /** @var array<string, mixed>|null by fingerprint, last used last */
    private ?array $kept = null;

    private bool $hasNew = false;

    public function __construct(private readonly Repository $cache)
    {
    }

    /**
     * @template T
     *
     * @param  list<mixed>  $input  all that the answer depends on
     * @param  Closure(): T  $compute
     * @return T
     */
    public function of(array $input, Closure $compute): mixed
    {
        $this->kept ??= (array) $this->cache->get(self::FILE, []);
        $fingerprint = hash('xxh128', serialize($input));
        if (array_key_exists($fingerprint, $this->kept)) {
            $answer = $this->kept[$fingerprint];
            unset($this->kept[$fingerprint]);
        } else {
            $answer = $compute();
            $this->hasNew = true;
        }

        return $this->kept[$fingerprint] = $answer;
    }

    /** Files what was computed anew; at the end of a request. */
    public function keep(): void
    {
        if ($this->hasNew) {
            $this->cache->put(self::FILE, array_slice($this->kept ?? [], -self::MOST), self::KEPT_SECONDS);
            $this->hasNew = false;
        }
    }
}
