<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Facility\Fish;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\FootprintRule;
use Biomegas\Housing\TemperatureFit;
use Closure;

/** What lies ahead of one fish: its growth, every home held against it, and where it could go next. */
final readonly class FishOutlook
{
    /** @param  array<string, HomeOutlook>  $homes by system, in walking order */
    private function __construct(
        public Fish $fish,
        public GrowthProjection $growth,
        public array $homes,
        public ?HomeOutlook $next,
    ) {
    }

    public static function of(FacilityGrowth $study, Fish $fish): self
    {
        $facility = $study->facility;
        $growth = $study->projectionOf($fish);
        $now = $growth->lengthOn($facility->date)->likely;
        $rule = new FootprintRule;
        $shoal = Shoal::of($fish);
        $homes = array_map(function (System $system) use ($growth, $now, $rule, $fish, $shoal): HomeOutlook {
            $limit = $rule->limitIn($system, $fish->species);
            // The largest of a shoal outgrows the home first.
            $limitOf = fn (Species $kind): float => $rule->limitIn($system, $kind)->millimetres / $shoal->largest;

            return new HomeOutlook(
                $system,
                $limit,
                $now * $shoal->largest <= $limit->millimetres,
                $growth->outgrows($limitOf, $system),
                TemperatureFit::of($fish->species, $system),
                self::worstCase($growth, $limitOf, $system),
            );
        }, $facility->systems);

        return new self($fish, $growth, $homes, NextHome::among($homes, $fish, $facility));
    }

    /** @param  Closure(Species): float  $limitOf */
    private static function worstCase(GrowthProjection $growth, Closure $limitOf, System $home): ?WorstCase
    {
        if (count($growth->kinds) === 1) {
            return null;
        }
        $cases = array_map(fn (array $kind): WorstCase => new WorstCase(
            $kind[1]->species,
            $growth->ifSurely($kind[1])->outgrows($limitOf, $home),
        ), $growth->kinds);
        usort($cases, fn (WorstCase $a, WorstCase $b): int => self::order($a) <=> self::order($b));

        return $cases[0];
    }

    /** @return array{string, string} */
    private static function order(WorstCase $case): array
    {
        return [$case->outgrows->likely?->toIso() ?? '9999', $case->outgrows->early?->toIso() ?? '9999'];
    }

    public function current(): HomeOutlook
    {
        return $this->homes[$this->fish->currentSystem()];
    }
}
