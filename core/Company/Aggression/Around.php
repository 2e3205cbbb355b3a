<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

use Biomegas\Calendar\LocalDate;

/** How much was seen in the week before a change and in the week from it on. */
final readonly class Around
{
    public const DAYS = 7;

    /** So many more or fewer are worth a word; less is chance. */
    private const WORTH = 4;

    private function __construct(
        public HomeChange $change,
        public int $before,
        public int $after,
        /** The week from it on is not over yet. */
        public bool $isGoingOn,
    ) {
    }

    /**
     * @param  list<SeenAct>  $acts
     * @param  list<HomeChange>  $changes
     * @return list<self> newest first; changes around which nothing was seen say nothing and are left out, and so are water changes that made no difference: there is one each week
     */
    public static function all(array $acts, array $changes, LocalDate $today): array
    {
        $perDay = [];
        foreach ($acts as $act) {
            $age = $act->date->daysUntil($today);
            $perDay[$age] = ($perDay[$age] ?? 0) + 1;
        }
        $in = fn (int $oldest, int $newest): int => array_sum(array_map(fn (int $age): int => $perDay[$age] ?? 0, range($newest, $oldest)));
        $all = array_map(function (HomeChange $change) use ($in, $today): self {
            $age = $change->date->daysUntil($today);

            return new self($change, $in($age + self::DAYS, $age + 1), $in($age, $age - self::DAYS + 1), $age < self::DAYS - 1);
        }, $changes);
        usort($all, fn (self $a, self $b): int => $a->change->date->daysUntil($today) <=> $b->change->date->daysUntil($today));

        return array_values(array_filter($all, fn (self $around): bool => $around->before + $around->after > 0
            && ($around->change->kind !== ChangeKind::WaterChange || $around->isWorse() || $around->isBetter())));
    }

    /** At least twice as much as before, and more than chance would have it. */
    public function isWorse(): bool
    {
        return $this->after >= $this->before + self::WORTH && $this->after >= 2 * $this->before;
    }

    public function isBetter(): bool
    {
        return ! $this->isGoingOn && $this->before >= $this->after + self::WORTH && $this->before >= 2 * $this->after;
    }
}
