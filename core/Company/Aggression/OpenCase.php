<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;

/** One that is hurt, starves or hides because of others, until its keeper calls it settled. */
final readonly class OpenCase
{
    /** So fresh, and it presses. */
    private const FRESH_DAYS = 2;

    /** Left alone for so long it is over by itself. */
    public const DAYS = 14;

    private function __construct(
        /** Key of the one that suffers. */
        public string $victim,
        /** Of the one that did it last. */
        public string $actor,
        public LocalDate $since,
        public bool $isFresh,
        /** @var 'harm'|'not_eating'|'rising' what makes it one */
        private string $because,
        private SeenAct $last,
    ) {
    }

    /**
     * @param  list<SeenAct>  $acts  in one home, by date
     * @param  list<string>  $residents  keys
     * @param  array<string, LocalDate>  $settled  when it was last called settled, by victim
     * @param  array<string, LocalDate>  $notEating  when it was last seen not to eat, by victim
     * @return list<self> fresh ones first
     */
    public static function among(array $acts, array $residents, array $settled, array $notEating, Trend $trend, LocalDate $today): array
    {
        $against = [];
        foreach ($acts as $act) {
            $isOver = isset($settled[$act->target]) && ! $act->date->isAfter($settled[$act->target]);
            if (! $isOver && $act->date->daysUntil($today) <= self::DAYS && $act->target !== $act->actor) {
                $against[$act->target][] = $act;
            }
        }
        $against = array_intersect_key($against, array_flip($residents));
        $most = $trend === Trend::Rising && $against !== [] ? array_search(max(array_map(count(...), $against)), array_map(count(...), $against), true) : null;
        $cases = [];
        foreach ($against as $victim => $those) {
            $case = self::of($victim, $those, $notEating[$victim] ?? null, $victim === $most, $today);
            if ($case !== null) {
                $cases[] = $case;
            }
        }
        usort($cases, fn (self $a, self $b): int => [$b->isFresh, $a->victim] <=> [$a->isFresh, $b->victim]);

        return $cases;
    }

    /** @param  non-empty-list<SeenAct>  $acts  against it, not settled */
    private static function of(string $victim, array $acts, ?LocalDate $notEating, bool $isRising, LocalDate $today): ?self
    {
        $isNew = fn (LocalDate $day): bool => $day->daysUntil($today) <= self::FRESH_DAYS;
        $harmful = array_values(array_filter($acts, fn (SeenAct $act): bool => $act->isHarmful()));
        if ($harmful !== []) {
            $last = $harmful[count($harmful) - 1];

            return new self($victim, $last->actor, $harmful[0]->date, $isNew($last->date), 'harm', $last);
        }
        $last = $acts[count($acts) - 1];
        $starves = $notEating !== null && $isNew($notEating);

        return $starves || $isRising ? new self($victim, $last->actor, $acts[0]->date, $starves, $starves ? 'not_eating' : 'rising', $last) : null;
    }

    /** @param  array<string, string>  $names  by key */
    public function finding(array $names): Finding
    {
        [$actor, $victim] = [$names[$this->actor] ?? $this->actor, $names[$this->victim]];

        return match ($this->because) {
            'harm' => Finding::of('company.case.harm', actor: $actor, victim: $victim, harm: $this->last->harm, date: $this->last->date),
            'not_eating' => Finding::of('company.case.not_eating', actor: $actor, victim: $victim),
            'rising' => Finding::of('company.case.rising', actor: $actor, victim: $victim),
        };
    }

    /**
     * The same where the name of the one that suffers stands already.
     *
     * @param  array<string, string>  $names  by key
     */
    public function findingOfVictim(array $names): Finding
    {
        $actor = $names[$this->actor] ?? $this->actor;

        return match ($this->because) {
            'harm' => Finding::of('today.harmed', actor: $actor, harm: $this->last->harm, date: $this->last->date),
            'not_eating' => Finding::of('today.chased_off_food', actor: $actor),
            'rising' => Finding::of('today.chased_more', actor: $actor),
        };
    }
}
