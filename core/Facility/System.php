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

    public function isAvailableOn(LocalDate $date): bool
    {
        return $this->availableFrom === null || ! $this->availableFrom->isAfter($date);
    }
}
