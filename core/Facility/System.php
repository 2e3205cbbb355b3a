<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Description\ImpossiblePicture;
use Biomegas\Facility\Equipment\Divider;
use Biomegas\Facility\Equipment\Equipment;
use Biomegas\Facility\Equipment\Filter;
use Biomegas\Facility\Shape\Half;
use Biomegas\Facility\Shape\Shape;

/** Water that is shared: one or more pools on one filter. */
final readonly class System
{
    /**
     * @param  non-empty-list<Pool>  $pools  without any divider
     *
     * @throws ImpossiblePicture when decor or a divider has no place there
     */
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
        public Equipment $equipment = new Equipment,
        /** Null: it is there, or is being built. */
        public ?Opening $opening = null,
        /** Null: as the book says. */
        public ?FeedingHabit $habit = null,
    ) {
        if ($equipment->decorArea >= $this->wholeFloor()) {
            throw ImpossiblePicture::becauseDecorFillsTheFloor();
        }
        if ($equipment->decorLitres >= $this->room()) {
            throw ImpossiblePicture::becauseDecorFillsTheWater();
        }
        foreach ($equipment->dividers as $divider) {
            Half::both($this->pool($divider->pool)->shape, $divider->at);
        }
    }

    public static function ofOnePool(string $key, string $name, SystemKind $kind, Shape $shape, ?WaterTemperature $temperature = null): self
    {
        return new self($key, $name, $kind, [new Pool($key, $shape)], $temperature);
    }

    public function named(): SystemName
    {
        return new SystemName($this->key, $this->name);
    }

    /** The same with other equipment. */
    public function with(Equipment $equipment): self
    {
        return $this->copy(equipment: $equipment);
    }

    public function fed(?FeedingHabit $habit): self
    {
        return $this->copy(habit: [$habit]);
    }

    /** The same with temperatures that were measured. */
    public function measured(?TemperatureReadings $readings): self
    {
        return $this->copy(readings: [$readings]);
    }

    public function fittedWith(Fitting ...$more): self
    {
        return $this->copy(fittings: array_values(array_unique([...$this->fittings, ...$more], SORT_REGULAR)));
    }

    public function keptAt(WaterTemperature $temperature): self
    {
        return $this->copy(temperature: $temperature);
    }

    /** The same, where fish can move in only from that day on. */
    public function readyOn(LocalDate $day): self
    {
        return $this->copy(availableFrom: $day);
    }

    /**
     * @param  array{TemperatureReadings|null}|null  $readings
     * @param  list<Fitting>|null  $fittings
     * @param  array{FeedingHabit|null}|null  $habit
     */
    private function copy(?array $readings = null, ?Equipment $equipment = null, ?array $fittings = null, ?WaterTemperature $temperature = null, ?LocalDate $availableFrom = null, ?array $habit = null): self
    {
        return new self(
            $this->key, $this->name, $this->kind, $this->pools, $temperature ?? $this->temperature, $availableFrom ?? $this->availableFrom, $readings === null ? $this->readings : $readings[0],
            $fittings ?? $this->fittings, $this->salinity, $this->overflowSlot, $this->ph, $this->hardness, $equipment ?? $this->equipment, $this->opening, $habit === null ? $this->habit : $habit[0],
        );
    }

    /**
     * The two parts on either side of a divider across its only pool, each with its share of the filter, as if they shared no water.
     *
     * @param  float  $at  millimetres from the left
     * @return array{self, self}
     *
     * @throws ImpossiblePicture when the divider stands outside
     */
    public function parted(float $at): array
    {
        $halves = Half::both($this->pools[0]->shape, $at);
        $whole = array_sum(array_map(fn (Shape $half): float => $half->floorArea(), $halves));
        $filter = $this->equipment->filter;
        $part = fn (string $key, Shape $half): self => new self(
            $key, $this->name, $this->kind, [new Pool($key, $half)], $this->temperature, $this->availableFrom, $this->readings,
            $this->fittings, $this->salinity, $this->overflowSlot, $this->ph, $this->hardness,
            new Equipment(
                filter: $filter === null ? null : new Filter($filter->media, $filter->litres * $half->floorArea() / $whole),
                weeklyChange: $this->equipment->weeklyChange,
            ), $this->opening, $this->habit,
        );

        return [$part($this->key, $halves[0]), $part("{$this->key}/right", $halves[1])];
    }

    /** °C as it is kept that day, else as most are. */
    public function likelyCelsius(LocalDate $date): float
    {
        return $this->temperature?->on($date) ?? WaterTemperature::USUAL_CELSIUS;
    }

    /** What rock and wood leave free. */
    public function floorArea(): float
    {
        return $this->wholeFloor() - $this->equipment->decorArea;
    }

    private function wholeFloor(): float
    {
        return array_sum(array_map(fn (Pool $pool): float => $pool->shape->floorArea(), $this->pools));
    }

    /** Of the pools, less what rock and wood take the place of; a sump never counts as room. */
    public function litres(): float
    {
        return $this->room() - $this->equipment->decorLitres;
    }

    private function room(): float
    {
        return array_sum(array_map(fn (Pool $pool): float => $pool->litres(), $this->pools));
    }

    /** All that fish share: with the sump. */
    public function waterLitres(): float
    {
        return $this->litres() + $this->equipment->sumpLitres;
    }

    /** @return non-empty-list<Pool> as the dividers make them that stay; those with an end are a matter of days */
    public function lastingPools(): array
    {
        $pools = $this->pools;
        foreach ($this->equipment->dividers as $divider) {
            if ($divider->until === null) {
                $pools = array_merge(...array_map(
                    fn (Pool $pool): array => $pool->key === $divider->pool ? self::halves($pool, $divider->at) : [$pool],
                    $pools,
                ));
            }
        }

        return $pools;
    }

    /** @return non-empty-list<Pool> */
    private static function halves(Pool $pool, float $at): array
    {
        [$left, $right] = Half::both($pool->shape, $at);

        return [new Pool($pool->key, $left), new Pool("{$pool->key}/right", $right)];
    }

    /** @throws ImpossiblePicture */
    private function pool(string $key): Pool
    {
        foreach ($this->pools as $pool) {
            if ($pool->key === $key) {
                return $pool;
            }
        }

        throw ImpossiblePicture::becauseTheDividerNamesNoPool($key);
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

    /** Nobody lives there for good. */
    public function isForQuarantine(): bool
    {
        return $this->has(Fitting::BareQuarantine);
    }

    public function isAvailableOn(LocalDate $date): bool
    {
        return $this->opening === null && ($this->availableFrom === null || ! $this->availableFrom->isAfter($date));
    }

    /** The first day on which fish can move in, if it is begun today where it is still to be opened; null: it is there. */
    public function readyFrom(LocalDate $today): ?LocalDate
    {
        if ($this->opening === null) {
            return $this->availableFrom;
        }
        $ready = $today->plusDays($this->opening->leadDays);

        return $this->availableFrom === null ? $ready : LocalDate::later($ready, $this->availableFrom);
    }
}
