<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

use Biomegas\Facility\Diet;
use Biomegas\Facility\RuleOption;
use Biomegas\Facility\Rulebook;

/** What to know before it comes home: law, harm, disease. Shown once, short; law and licensed people decide. */
final readonly class Cautions
{
    /** @return list<string> */
    public static function of(Candidate $candidate, Rulebook $rulebook): array
    {
        $background = $candidate->background;
        $cautions = $background->protected === null ? [] : [$background->protected];
        array_push($cautions, ...$background->hazards);
        if ($background->isDiseaseProne) {
            $cautions[] = 'Prone to disease: look at it long, and keep its quarantine in full.';
        }
        if ($candidate->kind->habits->diet === Diet::Meat) {
            $cautions[] = $rulebook->answer(RuleOption::LiveFood) === 'no-feeder-fish'
                ? 'No feeder fish: they bring disease. Make sure that it takes dead food.'
                : 'Live food only as cultured at home: feeder fish bring disease.';
        }
        if ($candidate->kind->habits->isAggressive()) {
            $cautions[] = 'Hard on company: know where it goes before it comes.';
        }
        $cautions[] = 'Never release it into the wild.';

        return $cautions;
    }
}
