<?php

declare(strict_types=1);

namespace App\Bench;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * An invented placement problem of any size: fish that grow, tanks and vats of
 * all sizes, ponds that are closed in winter, a few systems still to be
 * opened, some that would swallow others. Periods are months.
 */
final class InventedPlacement
{
    private const MONTHS = 12;

    private const POND_MONTHS = [4, 5, 6, 7, 8, 9];

    private readonly Randomizer $random;

    /** @var list<array{float, float, float}> start, adult and pace of each unit */
    private array $fish = [];

    private function __construct(
        private readonly int $units,
        private readonly int $systems,
        private readonly int $periods,
        int $seed,
    ) {
        $this->random = new Randomizer(new Mt19937($seed));
        for ($u = 0; $u < $units; $u++) {
            $adult = $this->between(1.0, 6.0);
            $this->fish[] = [$adult * $this->between(0.1, 0.7), $adult, $this->between(0.03, 0.12)];
        }
    }

    /** @return array<string, mixed> in the words of the placement format */
    public static function document(int $units, int $systems, int $periods, int $conflicts, int $seed): array
    {
        return (new self($units, $systems, $periods, $seed))->build($conflicts);
    }

    /** @return array<string, mixed> */
    private function build(int $conflicts): array
    {
        $systems = $this->inventSystems();

        return [
            'format' => 'biomegas-placement/1',
            'periods' => $this->periods,
            'overload_cost' => 1.5,
            'systems' => array_map(fn (array $one): array => array_diff_key($one, ['pond' => 0, 'size' => 0]), $systems),
            'units' => array_map(fn (int $u): array => $this->unit($u, $systems), range(0, $this->units - 1)),
            'conflicts' => $this->inventConflicts($conflicts),
        ];
    }

    /** @return list<array<string, mixed>> the last one large and always open, so that there is a plan */
    private function inventSystems(): array
    {
        $systems = [];
        for ($s = 0; $s < $this->systems; $s++) {
            $isLast = $s === $this->systems - 1;
            $size = $isLast ? 7.0 : 1.5 + 5.5 * $s / $this->systems;
            $isNew = ! $isLast && $this->random->getInt(0, 4) === 0;
            $systems[] = [
                'key' => "s{$s}",
                'capacity' => round($isLast ? $this->units * 8.0 : $this->between(0.6, 1.4) * $this->units * 60 / $this->systems / 4, 1),
                'opening_cost' => $isNew ? round($this->between(10, 60)) : 0.0,
                'available_from' => $isNew ? $this->random->getInt(1, max(1, intdiv($this->periods, 4))) : 0,
                'pond' => ! $isLast && $s % 5 === 3,
                'size' => $size,
            ];
        }

        return $systems;
    }

    /**
     * @param  list<array<string, mixed>>  $systems
     * @return array<string, mixed>
     */
    private function unit(int $u, array $systems): array
    {
        $load = $strain = [];
        for ($t = 0; $t < $this->periods; $t++) {
            $load[] = round($this->length($u, $t) ** 2, 2);
        }
        foreach ($systems as $s => $system) {
            $list = [];
            for ($t = 0; $t < $this->periods; $t++) {
                $share = $this->length($u, $t) / $system['size'];
                $isWinter = $system['pond'] && ! in_array($t % self::MONTHS, self::POND_MONTHS, true);
                $list[] = $share > 1.0 || $isWinter ? null : round(max(0.0, $share - 0.7) * 10, 2);
            }
            if ($s === count($systems) - 1 || $this->random->getInt(0, 9) > 1) {
                $strain[$system['key']] = $list;
            }
        }

        return [
            'key' => "u{$u}",
            'start' => $this->startOf($strain),
            'move_cost' => round($this->between(2, 9), 2),
            'min_stay' => $this->random->getInt(1, 4),
            'load' => $load,
            'strain' => $strain,
        ];
    }

    /** @param  array<string, list<float|null>>  $strain */
    private function startOf(array $strain): string
    {
        $open = array_keys(array_filter($strain, fn (array $list): bool => $list[0] !== null));

        return $open[$this->random->getInt(0, count($open) - 1)];
    }

    /** @return list<array<string, mixed>> the larger swallows the smaller until that has grown */
    private function inventConflicts(int $wanted): array
    {
        $conflicts = [];
        for ($n = 0; $n < $wanted; $n++) {
            [$a, $b] = [$this->random->getInt(0, $this->units - 1), $this->random->getInt(0, $this->units - 1)];
            if ($a !== $b) {
                $from = $this->random->getInt(0, max(0, intdiv($this->periods, 3)));
                $conflicts[] = [
                    'units' => ["u{$a}", "u{$b}"], 'from' => $from, 'to' => $this->random->getInt($from, $this->periods - 1),
                    'cost' => $this->random->getInt(0, 3) === 0 ? null : round($this->between(1, 20), 2),
                ];
            }
        }

        return $conflicts;
    }

    private function length(int $u, int $t): float
    {
        [$start, $adult, $pace] = $this->fish[$u];

        return $adult - ($adult - $start) * exp(-$pace * $t);
    }

    private function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->random->getInt(0, 1_000_000) / 1_000_000;
    }
}
