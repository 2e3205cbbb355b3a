<?php

declare(strict_types=1);

namespace Biomegas\Moving\Watch;

use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleOption;

/** The next intervention against chasing: one at a time, mildest first, none twice that did not last. */
final readonly class Ladder
{
    /**
     * @param  list<Check>  $checks  by time
     * @param  list<TriedIntervention>  $tried
     * @return Intervention|null null: there is no chasing
     */
    public static function next(array $checks, array $tried, Rulebook $rulebook): ?Intervention
    {
        $last = $checks === [] ? null : $checks[count($checks) - 1];
        if ($last === null || ! $last->isFight()) {
            return null;
        }

        return self::after(array_map(fn (TriedIntervention $tried): Intervention => $tried->intervention, $tried), $rulebook);
    }

    /** @param  list<Intervention>  $done */
    public static function after(array $done, Rulebook $rulebook): Intervention
    {
        foreach (self::order($rulebook) as $intervention) {
            if (! in_array($intervention, $done, true)) {
                return $intervention;
            }
        }

        return Intervention::TakeOutVictim;
    }

    /** @return list<Intervention> where a fish that was thrown out is rehomed at once, no divider is tried */
    private static function order(Rulebook $rulebook): array
    {
        return array_values(array_filter(Intervention::cases(), fn (Intervention $intervention): bool => $intervention !== Intervention::Divider || $rulebook->answer(RuleOption::ThrownOut) !== 'rehome-at-once'));
    }
}
