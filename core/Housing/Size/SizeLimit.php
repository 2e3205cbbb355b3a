<?php

declare(strict_types=1);

namespace Biomegas\Housing\Size;

use Biomegas\Facility\Pool;
use Biomegas\Facility\Species;
use Biomegas\Rulebook\Rulebook;

/** A rule that a fish alone in a pool can outgrow. */
interface SizeLimit
{
    /** @return list<HomeLimit> what the rule holds against it; none when it has nothing to say */
    public function limits(Pool $pool, Species $species, Rulebook $rulebook): array;

    /**
     * The other way round: what a home must measure at least for a fish of this length. It has sides also where
     * only litres are counted.
     *
     * @param  float  $length  millimetres
     */
    public function homeFor(Species $species, float $length, Rulebook $rulebook): NearestHome;
}
