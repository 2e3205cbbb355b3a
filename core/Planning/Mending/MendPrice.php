<?php

declare(strict_types=1);

namespace Biomegas\Planning\Mending;

use Biomegas\Calendar\LocalDate;
use Biomegas\Cost\SystemUpkeep;
use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Planning\Supposing\Fitted;
use Biomegas\Planning\Supposing\MoreMedia;
use Biomegas\Planning\Supposing\Supposition;
use Biomegas\Rulebook\RuleParameter;

/** What a mend costs by the prices of the rulebook. */
final readonly class MendPrice
{
    private function __construct(
        /** Once. */
        public float $once,
        /** More of water and power, each year; less than nothing: it saves. */
        public float $perYear,
    ) {
    }

    public static function ofDivider(Facility $facility): self
    {
        return new self($facility->rulebook->number(RuleParameter::FittingPrice), 0.0);
    }

    public static function of(Supposition $mend, System $system, Facility $facility): self
    {
        $number = $facility->rulebook->number(...);
        $after = $mend->applyTo($facility)->systems[$system->key];
        $perDay = fn (System $one): float => SystemUpkeep::perDay($one, [], $facility->date, $facility->rulebook->holdingFor($one->key))->whole();

        return new self(match (true) {
            $mend instanceof Fitted => count($mend->fittings) * $number(RuleParameter::FittingPrice),
            $mend instanceof MoreMedia => max(0.0, $mend->litres - ($system->equipment->filter->litres ?? 0.0)) * $number(RuleParameter::MediaPrice),
            default => 0.0,
        }, LocalDate::DAYS_PER_YEAR * ($perDay($after) - $perDay($system)));
    }
}
