<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;

/** When outdoor water is too cold for every tender fish that lives indoors: between, some may be out there. */
final readonly class ColdSeason
{
    /** @param  list<float>  $lows  the coldest that each of those who live indoors may be kept in, °C */
    private function __construct(private array $lows)
    {
    }

    public static function for(Facility $facility): self
    {
        $indoors = array_filter($facility->fish, fn (Fish $fish): bool => $facility->system($fish->currentSystem())->kind !== SystemKind::Pond);

        return new self(array_values(array_filter(array_map(fn (Fish $fish): ?float => $fish->species->keepingRange?->low, $indoors), fn (?float $low): bool => $low !== null)));
    }

    /** @return list<array{LocalDate, LocalDate}> from the first cold day to the first that is not, by day */
    public function in(System $system, LocalDate $from, LocalDate $until): array
    {
        $water = $system->temperature;
        $tender = $water === null || $water->isSteady() ? [] : array_filter($this->lows, fn (float $low): bool => $low > $water->coldest());
        if ($water === null || $tender === []) {
            return [];
        }
        $least = min($tender);
        $spans = [];
        $begun = null;
        for ($day = $from; $day->isBefore($until); $day = $day->plusDays(1)) {
            $isCold = $water->on($day) < $least;
            if ($isCold) {
                $begun ??= $day;
            } elseif ($begun !== null) {
                $spans[] = [$begun, $day];
                $begun = null;
            }
        }

        return $begun === null ? $spans : [...$spans, [$begun, $until]];
    }
}
