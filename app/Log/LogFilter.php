<?php

declare(strict_types=1);

namespace App\Log;

use Illuminate\Database\Query\Builder;

/** Which entries of the log are asked for. */
final readonly class LogFilter
{
    /**
     * @param  list<LogKind>  $kinds  none: all
     * @param  string|null  $from  the first day
     * @param  string|null  $until  the last day
     */
    public function __construct(
        public ?int $fishId = null,
        public ?int $systemId = null,
        public array $kinds = [],
        public ?string $from = null,
        public ?string $until = null,
        public bool $isRemoved = false,
    ) {
    }

    /** Meals are so many that they hide the rest: they are told when feeding, a fish or words are asked for. */
    public function isAskedWithoutMeals(): bool
    {
        return $this->kinds === [] && $this->fishId === null && ! $this->isRemoved;
    }

    public function narrow(Builder $lines): Builder
    {
        $lines->when($this->isRemoved, fn (Builder $only) => $only->whereNotNull('removed_at'), fn (Builder $only) => $only->whereNull('removed_at'))
            ->when($this->kinds !== [], fn (Builder $only) => $only->whereIn('kind', array_map(fn (LogKind $kind): string => $kind->value, $this->kinds)))
            ->when($this->from !== null, fn (Builder $only) => $only->where('date', '>=', $this->from))
            ->when($this->until !== null, fn (Builder $only) => $only->where('date', '<=', $this->until))
            ->when($this->systemId !== null, fn (Builder $only) => $only->where(fn (Builder $either) => $either->where('system_id', $this->systemId)->orWhere('other_system_id', $this->systemId)));
        if ($this->fishId === null) {
            // Literally, so that the index of days serves.
            return $lines->whereRaw('is_led = 0');
        }

        return $lines->where(fn (Builder $either) => $either->where('fish_id', $this->fishId)->orWhere('other_fish_id', $this->fishId));
    }
}
