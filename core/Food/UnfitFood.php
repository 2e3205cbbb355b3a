<?php

declare(strict_types=1);

namespace Biomegas\Food;

use Biomegas\Facility\Fish;
use Biomegas\Finding\Finding;
use Biomegas\Rulebook\Rulebook;

/** Food of a plan that some at the table may not have, or that nobody there takes. */
final readonly class UnfitFood
{
    /**
     * @param  non-empty-list<Fish>  $fish  at the table
     * @return list<Finding>
     */
    public static function of(FeedingPlan $plan, array $fish, Rulebook $rulebook): array
    {
        $found = [];
        foreach ($plan->parts as $part) {
            $who = fn (Taking $taking): array => array_values(array_map(fn (Fish $one): string => $one->name, array_filter($fish, fn (Fish $one): bool => $part->food->for($one->species, $rulebook) === $taking)));
            if ($who(Taking::Forbidden) !== []) {
                $found[] = Finding::of('food.forbidden', fish: $who(Taking::Forbidden), food: $part->food->name);
            } elseif ($who(Taking::Takes) === []) {
                $found[] = Finding::of('food.nobody_takes', fish: $who(Taking::Refuses), food: $part->food->name);
            }
        }

        return $found;
    }
}
