<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;

/**
 * Where it is written down what a fish ate, by date, apart from each other.
 *
 * @extends KeptList<FedSpan>
 */
final class FedSpans extends KeptList
{
    /** @param  list<FedSpan>  $spans  by date, apart from each other */
    public static function of(array $spans): self
    {
        return new self($spans);
    }

    protected function plain(object $one): array
    {
        return [$one->from->toIso(), $one->until->toIso(), $one->eaten];
    }

    protected function read(array $plain): FedSpan
    {
        /** @var array{string, string, float} $plain */
        [$from, $until, $eaten] = $plain;

        return new FedSpan(LocalDate::fromIso($from), LocalDate::fromIso($until), $eaten);
    }
}
