<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

use Biomegas\Numerics\PoissonLimits;

/** Acts in an hour of watching, with the interval in which the true rate lies in 95 of 100 cases. */
final readonly class Rate
{
    private function __construct(
        /** Seen while somebody looked. */
        public int $acts,
        public float $hours,
        public float $perHour,
        public float $low,
        public float $high,
    ) {
    }

    /**
     * @param  list<SeenAct>  $acts
     * @param  list<WatchedSpan>  $spans
     * @return self|null null: nobody watched, so that no rate means anything
     */
    public static function of(array $acts, array $spans): ?self
    {
        $hours = self::hours($spans);
        if ($hours === 0.0) {
            return null;
        }
        $seen = count(self::seen($acts, $spans));
        $limits = PoissonLimits::of($seen);

        return new self($seen, $hours, $seen / $hours, $limits->low / $hours, $limits->high / $hours);
    }

    /** @param  list<WatchedSpan>  $spans */
    public static function hours(array $spans): float
    {
        return array_sum(array_map(fn (WatchedSpan $span): int => $span->minutes, $spans)) / 60;
    }

    /**
     * @param  list<SeenAct>  $acts
     * @param  list<WatchedSpan>  $spans
     * @return list<SeenAct> those that were seen while somebody looked
     */
    public static function seen(array $acts, array $spans): array
    {
        $byDay = [];
        foreach ($spans as $span) {
            $byDay[$span->from->date->toIso()][] = $span;
        }

        return array_values(array_filter($acts, function (SeenAct $act) use ($byDay): bool {
            foreach ($byDay[$act->date->toIso()] ?? [] as $span) {
                if ($span->saw($act)) {
                    return true;
                }
            }

            return false;
        }));
    }
}
