<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Housing\FootprintRule;
use Biomegas\Housing\TemperatureFit;

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

    public static function of(Facility $facility, Fish $fish): self
    {
        $growth = GrowthProjection::of($facility, $fish);
        $now = $growth->lengthOn($facility->date)->likely;
        $rule = new FootprintRule;
        $homes = array_map(function (System $system) use ($growth, $now, $rule, $fish): HomeOutlook {
            $limit = $rule->limitIn($system, $fish->species);

            return new HomeOutlook(
                $system,
                $limit,
                $now <= $limit->millimetres,
                $growth->outgrows($limit->millimetres, $system),
                TemperatureFit::of($fish->species, $system),
            );
        }, $facility->systems);

        return new self($fish, $growth, $homes, NextHome::among($homes, $fish, $facility));
    }

    public function current(): HomeOutlook
    {
        return $this->homes[$this->fish->currentSystem()];
    }
}
