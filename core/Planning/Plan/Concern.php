<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Facility\Fish;
use Biomegas\Finding\Finding;

/**
 * What speaks against a plan as things are known today. What was there when it
 * was chosen is accepted; what comes up later asks for another plan.
 */
final readonly class Concern
{
    /** A rule that is broken for less is no reason to plan anew. Judgement. */
    private const LEAST_DAYS = 7;

    private function __construct(
        /** The same as long as it is about the same. */
        public string $key,
        public Fish $fish,
        public Finding $finding,
    ) {
    }

    /** @return list<self> one for each thing that it is about */
    public static function allOf(Plan $plan): array
    {
        $concerns = [];
        foreach ($plan->moves as $move) {
            $early = $move->window[0];
            if ($early !== null && $early->isBefore($move->on)) {
                $concerns[] = new self("earlier {$move->fish->key} {$move->to->key}", $move->fish, Finding::of('plan.concern.earlier', fish: $move->fish->name, from: $move->from->name, by: $early, planned: $move->on));
            }
        }
        foreach ($plan->breaches as $breach) {
            if ($breach->days() >= self::LEAST_DAYS) {
                $concerns[] = new self("broken {$breach->fish->key} {$breach->system->key}", $breach->fish, Finding::of('plan.concern.broken', fish: $breach->fish->name, system: $breach->system->name, from: $breach->from, says: $breach->verdict->finding));
            }
        }

        return array_values(array_column($concerns, null, 'key'));
    }
}
