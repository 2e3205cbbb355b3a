<?php

declare(strict_types=1);

namespace Biomegas\Moving\Watch;

use Biomegas\Calendar\LocalMoment;

/** One look at a fish that has been moved. */
final readonly class Check
{
    /**
     * @param  list<CheckItem>  $troubles  what was not as it should be
     * @param  string|null  $chasedBy  the name of who chased it; null: nobody
     * @param  string|null  $chases  the name of whom it chased; null: nobody
     */
    public function __construct(
        public LocalMoment $at,
        public array $troubles,
        public bool $hasEaten,
        public ?string $chasedBy = null,
        public ?string $chases = null,
    ) {
    }

    public function isGood(): bool
    {
        return ! $this->isFight() && array_filter($this->troubles, fn (CheckItem $item): bool => ! $item->mayBeMissing()) === [];
    }

    public function isFight(): bool
    {
        return $this->chasedBy !== null || $this->chases !== null;
    }

    /** @return list<CheckItem> those for which it is taken out at once */
    public function grave(): array
    {
        return array_values(array_filter($this->troubles, fn (CheckItem $item): bool => $item->isGrave()));
    }
}
