<?php

declare(strict_types=1);

namespace Biomegas\Placement;

use Closure;

/** How long the solver may go on, and who is told of it; the clock comes from outside. */
final class Budget
{
    /**
     * @param  Closure(): float  $elapsed  seconds since the beginning
     * @param  Closure(string, float, float): void|null  $progress  what is done, best cost and bound so far
     */
    public function __construct(
        private readonly float $seconds,
        private readonly Closure $elapsed,
        private readonly ?Closure $progress = null,
    ) {
    }

    public function elapsed(): float
    {
        return ($this->elapsed)();
    }

    /** So many seconds of it at most, from now on, with nobody told. */
    public function part(float $seconds): self
    {
        $from = $this->elapsed();

        return new self(min($seconds, $this->seconds - $from), fn (): float => $this->passedFrom($from));
    }

    /** The whole of it, from now on: what has passed does not count. */
    public function fromNow(): self
    {
        $from = $this->elapsed();

        return new self($this->seconds, fn (): float => $this->passedFrom($from), $this->progress);
    }

    /** A clock that was stopped stands at infinity, and so does what is measured from there. */
    private function passedFrom(float $from): float
    {
        $now = $this->elapsed();

        return is_infinite($now) ? INF : $now - $from;
    }

    /** Is this share of the whole time used up? */
    public function isSpent(float $share = 1.0): bool
    {
        return ($this->elapsed)() >= $share * $this->seconds;
    }

    /** How far on the way from a time to a share of the whole time; from 1 on that is used up. */
    public function passedSince(float $from, float $share): float
    {
        return $this->passedFrom($from) / max(1e-9, $share * $this->seconds - $from);
    }

    /** The same time, with nobody told: for what is tried aside, whose costs mean something else. */
    public function quietly(): self
    {
        return new self($this->seconds, $this->elapsed);
    }

    public function tell(string $what, float $cost, float $bound): void
    {
        if ($this->progress !== null) {
            ($this->progress)($what, $cost, $bound);
        }
    }
}
