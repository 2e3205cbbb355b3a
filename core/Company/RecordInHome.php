<?php

declare(strict_types=1);

namespace Biomegas\Company;

use Biomegas\Finding\Finding;

/** How it went for a fish in a home that it is to come back to: time-outs, rank, and who wounded it. */
final readonly class RecordInHome
{
    /**
     * @param  list<TimeOut>  $timeOuts  out of that home, by date
     * @param  list<Encounter>  $encounters  with those that live there now, by date
     */
    public function __construct(
        private string $fish,
        private string $home,
        private array $timeOuts,
        private array $encounters,
    ) {
    }

    /** @return list<Finding> what weighs most first */
    public function findings(): array
    {
        return array_values(array_filter([$this->takenOut(), ...$this->wounds(), ...$this->rank()]));
    }

    private function takenOut(): ?Finding
    {
        $last = $this->timeOuts[count($this->timeOuts) - 1] ?? null;
        if ($last === null) {
            return null;
        }
        $times = count($this->timeOuts);

        return $last->reason === null
            ? Finding::of('company.record.taken_out', fish: $this->fish, home: $this->home, date: $last->date, times: $times)
            : Finding::of('company.record.taken_out_because', fish: $this->fish, home: $this->home, date: $last->date, times: $times, reason: $last->reason);
    }

    /** @return list<Finding> the last of each who did */
    private function wounds(): array
    {
        $wounds = [];
        foreach ($this->encounters as $encounter) {
            if ($encounter->isVictim && $encounter->harm !== Harm::None) {
                $wounds[$encounter->other] = Finding::of('company.record.wounded', other: $encounter->other, fish: $this->fish, harm: $encounter->harm, date: $encounter->date);
            }
        }

        return array_values($wounds);
    }

    /** @return list<Finding> above whom it stood, and below whom, by who chased whom more often */
    private function rank(): array
    {
        $balance = [];
        foreach ($this->encounters as $encounter) {
            $balance[$encounter->other] = ($balance[$encounter->other] ?? 0) + ($encounter->isVictim ? -1 : 1);
        }
        $above = array_map(strval(...), array_keys(array_filter($balance, fn (int $more): bool => $more > 0)));
        $below = array_map(strval(...), array_keys(array_filter($balance, fn (int $more): bool => $more < 0)));

        return array_values(array_filter([
            $below === [] ? null : Finding::of('company.record.below', fish: $this->fish, others: $below),
            $above === [] ? null : Finding::of('company.record.above', fish: $this->fish, others: $above),
        ]));
    }
}
