<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Facility\System;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Rulebook\Rulebook;

/** Which fish another rulebook would put out of their homes, and which it would let stay. */
final readonly class MethodEffect
{
    /**
     * @param  list<string>  $lose  names of those whose home would no longer do
     * @param  list<string>  $gain  names of those whose home would do after all
     */
    private function __construct(
        public array $lose,
        public array $gain,
    ) {
    }

    /** @param  list<Occupant>  $residents  as they are today */
    public static function in(System $system, array $residents, Rulebook $rulebook, Rulebook $other): self
    {
        $lose = $gain = [];
        foreach ($residents as $i => $resident) {
            $others = array_values(array_filter($residents, fn (int $k): bool => $k !== $i, ARRAY_FILTER_USE_KEY));
            $does = self::does($resident, $system, $others, $rulebook);
            $would = self::does($resident, $system, $others, $other);
            if ($does && ! $would) {
                $lose[] = $resident->name;
            } elseif ($would && ! $does) {
                $gain[] = $resident->name;
            }
        }

        return new self($lose, $gain);
    }

    /** @param  list<self>  $effects  in one system each */
    public static function together(array $effects): self
    {
        return new self(array_merge(...array_column($effects, 'lose')), array_merge(...array_column($effects, 'gain')));
    }

    /** @param  list<Occupant>  $others */
    private static function does(Occupant $occupant, System $system, array $others, Rulebook $rulebook): bool
    {
        return Judgement::of(new HousingCase($occupant, $system, $others, $rulebook, livesThere: true))->obstacle() === null;
    }
}
