<?php

declare(strict_types=1);

namespace Biomegas\Housing\Size;

use Biomegas\Facility\Fish;
use Biomegas\Facility\Pool;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Rulebook\Rulebook;

/** Until what length a fish fits a home, by all the rules of size that a facility goes by. */
final readonly class HomeLimits
{
    /** Longer than any fish: what a home without any limit holds, millimetres. */
    private const NO_LIMIT = 1e5;

    public function __construct(private Rulebook $rulebook)
    {
    }

    /** The limit in the roomiest pool of the system, as the dividers leave it that stay. */
    public function limitIn(System $system, Species $species, ?Fish $fish = null): HomeLimit
    {
        $rulebook = $this->rulebook->holdingFor($system->key, $fish?->key);
        $best = null;
        foreach ($system->lastingPools() as $pool) {
            $limit = self::limitInPool($pool, $species, $rulebook);
            $best = $best === null || $limit->millimetres > $best->millimetres ? $limit : $best;
        }

        return $best;
    }

    private static function limitInPool(Pool $pool, Species $species, Rulebook $rulebook): HomeLimit
    {
        $least = new HomeLimit(self::NO_LIMIT, SizeRule::SwimLength);
        foreach (self::rules() as $rule) {
            foreach ($rule->limits($pool, $species, $rulebook) as $limit) {
                if ($limit->millimetres < $least->millimetres && $rulebook->setAside($limit->binding->value) === null) {
                    $least = $limit;
                }
            }
        }

        return $least;
    }

    /** @return list<SizeLimit> every rule of size, each in both directions */
    public static function rules(): array
    {
        return [new FootprintLimit, new GrowOutLimit, new LeastHomeLimit, new LitresLimit];
    }
}
