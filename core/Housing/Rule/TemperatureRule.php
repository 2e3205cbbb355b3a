<?php

declare(strict_types=1);

namespace Biomegas\Housing\Rule;

use Biomegas\Facility\Span;
use Biomegas\Housing\HousingCase;
use Biomegas\Housing\HousingRule;
use Biomegas\Housing\Occupant;
use Biomegas\Housing\Verdict;

/** The water must stay in the keeping range over the year, and a shared home in the range that all who live there have in common. */
final readonly class TemperatureRule implements Rule
{
    public function judge(HousingCase $case): ?Verdict
    {
        $wanted = $case->newcomer->species->keepingRange;
        if ($wanted === null) {
            return null;
        }
        $shared = $wanted;
        foreach ($case->residents as $resident) {
            $range = $resident->species->keepingRange;
            if ($range === null) {
                continue;
            }
            $both = $shared->shared($range);
            if ($both === null) {
                return $this->cannotShare($case, $wanted, $resident, $range);
            }
            $shared = $both;
        }

        return $this->againstTheWater($case, $wanted, $shared);
    }

    private function cannotShare(HousingCase $case, Span $wanted, Occupant $resident, Span $range): Verdict
    {
        return Verdict::fail(
            HousingRule::Temperature,
            "No one temperature suits {$case->newcomer->name} ({$case->spoken->temperatures($wanted->low, $wanted->high)}) and {$resident->name} ({$case->spoken->temperatures($range->low, $range->high)}).",
            null,
        );
    }

    private function againstTheWater(HousingCase $case, Span $wanted, Span $shared): ?Verdict
    {
        $water = $case->system->temperature;
        if ($water === null) {
            return null;
        }
        $change = $water->isSteady() ? "Hold it at {$case->spoken->temperatures($shared->low, $shared->high)}." : null;
        $range = $case->spoken->temperatures($wanted->low, $wanted->high);

        return match (true) {
            $water->coldest() < $wanted->low => Verdict::fail(HousingRule::Temperature, $water->isSteady()
                ? "{$case->system->name} is held at {$case->spoken->temperature($water->coldest())}; {$case->newcomer->name} wants {$range}."
                : "{$case->system->name} falls to {$case->spoken->temperature($water->coldest())} in winter; {$case->newcomer->name} wants {$range}.", $change),
            $water->warmest() > $wanted->high => Verdict::fail(HousingRule::Temperature, $water->isSteady()
                ? "{$case->system->name} is held at {$case->spoken->temperature($water->warmest())}; {$case->newcomer->name} wants {$range}."
                : "{$case->system->name} rises to {$case->spoken->temperature($water->warmest())} in summer; {$case->newcomer->name} wants {$range}.", $change),
            default => Verdict::pass(HousingRule::Temperature, "Its water suits: {$range} is wanted."),
        };
    }
}
