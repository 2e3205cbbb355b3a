<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Moving\Mixing\Hardiness;
use Biomegas\Moving\Mixing\MixingWay;
use Biomegas\Moving\Mixing\WaterSample;
use Biomegas\Rulebook\Rulebook;

/** Everything that a move depends on. */
final readonly class MoveCase
{
    /**
     * @param  non-empty-list<MovingOccupant>  $movers
     * @param  list<Occupant>  $residents  of the home that they go to, on that day
     */
    public function __construct(
        public array $movers,
        public System $from,
        public System $to,
        public WaterSample $fromWater,
        public WaterSample $toWater,
        public array $residents,
        public LocalDate $date,
        public Rulebook $rulebook,
        public MixingWay $way = MixingWay::TakeOut,
        /** Litres that the container holds to the brim. */
        public float $container = 20.0,
        /** When the home can be ready at the earliest; null: it is. */
        public ?LocalDate $readyOn = null,
    ) {
    }

    /** The most sensitive of them decides. */
    public function hardiness(): Hardiness
    {
        $all = array_map(fn (MovingOccupant $mover): Hardiness => $mover->hardiness, $this->movers);

        return in_array(Hardiness::Sensitive, $all, true) ? Hardiness::Sensitive : (in_array(Hardiness::Usual, $all, true) ? Hardiness::Usual : Hardiness::Hardy);
    }

    public function count(): int
    {
        return array_sum(array_map(fn (MovingOccupant $mover): int => $mover->occupant->count, $this->movers));
    }

    /** Grams of the heaviest. */
    public function heaviest(): float
    {
        return max(array_map(fn (MovingOccupant $mover): float => $mover->mass, $this->movers));
    }

    /** Millimetres of the longest. */
    public function longest(): float
    {
        return max(array_map(fn (MovingOccupant $mover): float => $mover->occupant->longest(), $this->movers));
    }

    /** @return list<Occupant> */
    public function newcomers(): array
    {
        return array_map(fn (MovingOccupant $mover): Occupant => $mover->occupant, $this->movers);
    }

    public function isBetweenSites(): bool
    {
        return $this->from->equipment->site !== $this->to->equipment->site && $this->from->equipment->site !== null && $this->to->equipment->site !== null;
    }
}
