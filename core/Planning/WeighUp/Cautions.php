<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

use Biomegas\Facility\Background;
use Biomegas\Facility\Diet;
use Biomegas\Facility\LegalStatus;
use Biomegas\Finding\Finding;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleOption;

/** What to know before it comes home: law, harm, disease. Shown once, short; law and licensed people decide. */
final readonly class Cautions
{
    /** @return list<Finding> */
    public static function of(Candidate $candidate, Rulebook $rulebook): array
    {
        $background = $candidate->background;

        return array_values(array_filter([
            ...self::ofKind($background),
            $candidate->count > 2 ? self::breedingRatio($rulebook) : null,
            $background->isDiseaseProne ? Finding::of('caution.disease') : null,
            match (true) {
                $candidate->species->habits->diet !== Diet::Meat => null,
                $rulebook->answer(RuleOption::LiveFood) === 'no-feeder-fish' => Finding::of('caution.no_feeder_fish'),
                default => Finding::of('caution.cultured_food'),
            },
            $candidate->species->habits->isAggressive() ? Finding::of('caution.hard_on_company') : null,
            Finding::of('caution.never_release'),
        ]));
    }

    /** @return list<Finding> what law, conservation and its handling ask */
    public static function ofKind(Background $background): array
    {
        $noted = $background->protected === null ? $background->hazards : [$background->protected, ...$background->hazards];

        return [
            ...array_map(self::atAcquiring(...), $background->status),
            ...array_map(fn (string $text): Finding => Finding::of('caution.noted', text: $text), $noted),
        ];
    }

    /** @return list<Finding> what to know before one of this kind leaves for another keeper */
    public static function atParting(Background $background): array
    {
        return [...array_map(self::ofParting(...), $background->status), Finding::of('caution.never_release')];
    }

    private static function ofParting(LegalStatus $status): Finding
    {
        return match ($status) {
            LegalStatus::Endangered => Finding::of('caution.parting_endangered'),
            LegalStatus::Protected => Finding::of('caution.parting_protected'),
            LegalStatus::Invasive => Finding::of('caution.parting_invasive'),
        };
    }

    private static function atAcquiring(LegalStatus $status): Finding
    {
        return match ($status) {
            LegalStatus::Endangered => Finding::of('caution.endangered'),
            LegalStatus::Protected => Finding::of('caution.protected'),
            LegalStatus::Invasive => Finding::of('caution.invasive'),
        };
    }

    private static function breedingRatio(Rulebook $rulebook): Finding
    {
        return match ($rulebook->answer(RuleOption::BreedingRatio)) {
            '1:2' => Finding::of('caution.breed_one_to_two'),
            '1:3' => Finding::of('caution.breed_one_to_three'),
            default => Finding::of('caution.breed_in_pairs'),
        };
    }
}
