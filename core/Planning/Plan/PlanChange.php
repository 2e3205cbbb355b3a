<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Finding\Finding;

/** What a change does to a plan: whose days out of rule become more or fewer, how many moves, what must be opened. */
final readonly class PlanChange
{
    /** New breaches that are said in words; the rest is counted. */
    private const MOST_SAID = 2;

    public function __construct(private Plan $before, private Plan $after)
    {
    }

    /** @return non-empty-list<Finding> */
    public function findings(): array
    {
        [$worse, $better] = $this->affected();

        return [$this->verdict($worse, $better), ...array_values(array_filter([
            $worse === [] || $better === [] ? null : Finding::of('plan.tried.others_better', fish: $better),
            $this->moves(),
            $this->openings(),
        ])), ...$this->broken()];
    }

    /** Until the end of what is looked at, in the facility's money; less than nothing: it saves. */
    public function costsMore(): float
    {
        return $this->after->costOfAll() - $this->before->costOfAll();
    }

    /**
     * @param  list<string>  $worse
     * @param  list<string>  $better
     */
    private function verdict(array $worse, array $better): Finding
    {
        $more = $this->after->daysOutOfRule() - $this->before->daysOutOfRule();

        return match (true) {
            $more > 0 => Finding::of('plan.tried.more', days: $more, fish: $worse),
            $more < 0 => Finding::of('plan.tried.fewer', days: -$more, fish: $better),
            $worse !== [] => Finding::of('plan.tried.shifted', fish: $worse),
            default => Finding::of('plan.tried.same'),
        };
    }

    /** @return array{list<string>, list<string>} names of those who are out of rule for longer, and for less long */
    private function affected(): array
    {
        $more = $names = [];
        foreach ([[$this->before, -1], [$this->after, 1]] as [$plan, $sign]) {
            foreach ($plan->daysByFish() as [$fish, $days]) {
                $names[$fish->key] = $fish->name;
                $more[$fish->key] = ($more[$fish->key] ?? 0) + $sign * $days;
            }
        }

        return [
            array_values(array_intersect_key($names, array_filter($more, fn (int $days): bool => $days > 0))),
            array_values(array_intersect_key($names, array_filter($more, fn (int $days): bool => $days < 0))),
        ];
    }

    private function moves(): ?Finding
    {
        $more = count($this->after->moves) - count($this->before->moves);

        return match (true) {
            $more > 0 => Finding::of('plan.tried.more_moves', moves: $more),
            $more < 0 => Finding::of('plan.tried.fewer_moves', moves: -$more),
            default => null,
        };
    }

    /** Homes that need not be opened any more, or must. */
    private function openings(): ?Finding
    {
        $names = fn (Plan $plan): array => array_map(fn (PlanOpening $opening): string => $opening->system->name, $plan->openings);
        [$spared, $more] = [array_values(array_diff($names($this->before), $names($this->after))), array_values(array_diff($names($this->after), $names($this->before)))];

        return match (true) {
            $more !== [] => Finding::of('plan.tried.must_open', homes: $more),
            $spared !== [] => Finding::of('plan.tried.need_not_open', homes: $spared),
            default => null,
        };
    }

    /** @return list<Finding> what was not broken there before */
    private function broken(): array
    {
        $known = array_map(self::about(...), $this->before->breaches);
        $new = array_values(array_filter($this->after->breaches, fn (Breach $breach): bool => ! in_array(self::about($breach), $known, true)));

        return array_map(
            fn (Breach $breach): Finding => Finding::of('plan.concern.broken', fish: $breach->fish->name, system: $breach->system->name, from: $breach->from, says: $breach->verdict->finding),
            array_slice($new, 0, self::MOST_SAID),
        );
    }

    private static function about(Breach $breach): string
    {
        return "{$breach->fish->key} {$breach->system->key} {$breach->verdict->rule->value}";
    }
}
