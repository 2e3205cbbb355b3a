<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Shape\Shape;

/** Water that is shared: one or more pools on one filter. */
final readonly class System
{
    /** @param  non-empty-list<Pool>  $pools */
    public function __construct(
        public string $key,
        public string $name,
        public SystemKind $kind,
        public array $pools,
        /** Null: not known. */
        public ?WaterTemperature $temperature = null,
        /** Null: in use since before the records begin. */
        public ?LocalDate $availableFrom = null,
        /** Null: none were taken. */
        public ?TemperatureReadings $readings = null,
        /** @var list<Fitting> */
        public array $fittings = [],
        public Salinity $salinity = Salinity::Fresh,
        /** Width of the slots that water leaves by, millimetres; null: none. */
        public ?float $overflowSlot = null,
        /** Null: not known. */
        public ?float $ph = null,
        /** General hardness in °dH; null: not known. */
        public ?float $hardness = null,
    ) {
    }

    public static function ofOnePool(string $key, string $name, SystemKind $kind, Shape $shape, ?WaterTemperature $temperature = null): self
    {
        return new self($key, $name, $kind, [new Pool($key, $shape)], $temperature);
    }

    public function floorArea(): float
    {
        return array_sum(array_map(fn (Pool $pool): float => $pool->shape->floorArea(), $this->pools));
    }

    /** Of the pools; a sump never counts as room. */
    public function litres(): float
    {
        return array_sum(array_map(fn (Pool $pool): float => $pool->litres(), $this->pools));
    }

    public function has(Fitting $need): bool
    {
        foreach ($this->fittings as $fitting) {
            if ($fitting->serves($need)) {
                return true;
            }
        }

        return false;
    }

    public function isAvailableOn(LocalDate $date): bool
    {
        return $this->availableFrom === null || ! $this->availableFrom->isAfter($date);
    }
}
