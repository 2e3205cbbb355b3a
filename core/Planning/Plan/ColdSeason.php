<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;

/** When outdoor water is too cold for each of those who live indoors: they may be out there between. */
final readonly class ColdSeason
{
    private function __construct(private ?float $least)
    {
    }

    public static function for(Facility $facility): self
    {
        $indoors = array_filter($facility->fish, fn (Fish $fish): bool => $facility->system($fish->currentSystem())->kind !== SystemKind::Pond);
        $lows = array_filter(array_map(fn (Fish $fish): ?float => $fish->species->keepingRange?->low, $indoors), fn (?float $low): bool => $low !== null);

        return new self($lows === [] ? null : min($lows));
    }

    /** @return list<array{LocalDate, LocalDate}> from the first cold day to the first that is not, by day */
    public function in(System $system, LocalDate $from, LocalDate $until): array
    {
        $spans = [];
        $begun = null;
        if ($this->least === null || $system->temperature === null || $system->temperature->isSteady()) {
            return [];
        }
        for ($day = $from; $day->isBefore($until); $day = $day->plusDays(1)) {
            $isCold = $system->temperature->on($day) < $this->least;
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
