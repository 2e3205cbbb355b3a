<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

use Biomegas\Calendar\LocalDate;

/** Some beat every newcomer once and then let it be: how each newcomer of a home fared with one that lived there. */
final readonly class NewcomerTrials
{
    /** A newcomer is one for so long. */
    private const DAYS = 14;

    /** Over by the second day. */
    private const SHORT = 2;

    /** Fewer newcomers are no habit. */
    private const ENOUGH = 3;

    private function __construct(
        /** Key of the one that meets them. */
        public string $resident,
        public int $newcomers,
        /** Whom it went for. */
        public int $beaten,
        /** Of these, whom it let be after the second day. */
        public int $soonOver,
    ) {
    }

    /**
     * @param  list<SeenAct>  $acts
     * @param  list<HomeChange>  $changes  those that came in are looked at
     * @param  array<string, LocalDate>  $came  when each of those that live here now came, by key
     * @return list<self> of those that live here and went for somebody
     */
    public static function all(array $acts, array $changes, array $came, LocalDate $today): array
    {
        $days = [];
        foreach ($acts as $act) {
            $days[$act->actor][$act->target][] = $act->date;
        }
        $arrivals = array_filter($changes, fn (HomeChange $change): bool => in_array($change->kind, [ChangeKind::CameIn, ChangeKind::CameBack], true) && $change->date->daysUntil($today) >= self::DAYS);
        $all = [];
        foreach (array_intersect_key($days, $came) as $resident => $targets) {
            $all[] = self::of((string) $resident, $targets, array_filter($arrivals, fn (HomeChange $change): bool => $change->fish !== (string) $resident && $change->date->isAfter($came[$resident])));
        }

        return $all;
    }

    /**
     * @param  array<string, list<LocalDate>>  $targets  days on which it went for each
     * @param  array<int, HomeChange>  $arrivals  of others, while it lived here
     */
    private static function of(string $resident, array $targets, array $arrivals): self
    {
        $beaten = $soonOver = 0;
        foreach ($arrivals as $arrival) {
            $days = array_filter(
                array_map($arrival->date->daysUntil(...), $targets[(string) $arrival->fish] ?? []),
                fn (int $day): bool => $day >= 0 && $day < self::DAYS,
            );
            $beaten += $days === [] ? 0 : 1;
            $soonOver += $days !== [] && max($days) <= self::SHORT ? 1 : 0;
        }

        return new self($resident, count($arrivals), $beaten, $soonOver);
    }

    /** It goes for all that come, and is done with nearly all of them soon. */
    public function isHabit(): bool
    {
        return $this->newcomers >= self::ENOUGH && $this->beaten >= $this->newcomers - 1 && $this->soonOver >= $this->beaten - 1;
    }
}
