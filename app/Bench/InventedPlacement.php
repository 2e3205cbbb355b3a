<?php

declare(strict_types=1);

namespace App\Bench;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * An invented placement problem of any size: fish that grow out of small tanks
 * in which they begin, systems each half as large again as the one before,
 * ponds that are closed to tender species in winter, a few systems still to be
 * opened, some fish that would swallow others until those have grown, some
 * that quarrel once they are grown. Periods are months.
 */
final class InventedPlacement
{
    private const MONTHS = 12;

    private const POND_MONTHS = [4, 5, 6, 7, 8, 9];

    /** Room of all systems together, times what all fish need in the end. */
    private const ROOM = [1.1, 1.8];

    private const GROWTH_OF_SYSTEMS = 1.5;

    /** Of its own length, what a fish can swallow. */
    private const MOUTH = 0.4;

    /** Of the short side of a system: from here on a fish is strained, and from there on it does not fit. */
    private const STRAINED = 0.35;

    private const TOO_LONG = 0.7;

    private readonly Randomizer $random;

    /** @var list<array{start: float, adult: float, pace: float, tender: bool}> metres, 1/month */
    private array $fish = [];

    /** @var list<array{side: float, capacity: float, opens: bool, pond: bool}> */
    private array $rooms = [];

    private function __construct(
        private readonly int $periods,
        int $units,
        int $systems,
        int $seed,
    ) {
        $this->random = new Randomizer(new Mt19937($seed));
        for ($u = 0; $u < $units; $u++) {
            $adult = $this->between(0.2, 1.4);
            $this->fish[] = ['start' => $adult * $this->between(0.1, 0.6), 'adult' => $adult, 'pace' => $this->between(0.03, 0.12), 'tender' => $this->oneIn(2)];
        }
        $needed = array_sum(array_map(fn (int $u): float => $this->floor($u, $periods - 1), range(0, $units - 1)));
        $share = array_map(fn (int $s): float => self::GROWTH_OF_SYSTEMS ** $s * $this->between(0.8, 1.25), range(0, $systems - 1));
        $room = $needed * $this->between(...self::ROOM) / array_sum($share);
        foreach ($share as $s => $part) {
            $isLargest = $s === $systems - 1;
            $this->rooms[] = [
                // The largest is always there and takes everybody, so that there is a way for each by itself.
                'side' => $isLargest ? 3.0 : 0.6 + 2.0 * $s / $systems,
                'capacity' => round($part * $room, 1),
                'opens' => ! $isLargest && $s > 1 && $this->oneIn(4),
                'pond' => ! $isLargest && $s % 5 === 3,
            ];
        }
    }

    /**
     * @param  bool  $isNamed  two loads by name, floor and feed, in place of one
     * @return array<string, mixed> in the words of the placement format
     */
    public static function document(int $units, int $systems, int $periods, int $conflicts, int $seed, bool $isNamed = false): array
    {
        return (new self($periods, $units, $systems, $seed))->build($conflicts, $isNamed);
    }

    /** @return array<string, mixed> */
    private function build(int $conflicts, bool $isNamed): array
    {
        $overload = $this->pick([0.5, 1.0, 1.5, 3.0]);
        $systems = [];
        foreach ($this->rooms as $s => $room) {
            $systems[] = [
                'key' => "s{$s}",
                'capacity' => $isNamed ? ['floor' => $room['capacity'], 'feed' => round($room['capacity'] * $this->between(0.2, 0.5), 1)] : $room['capacity'],
                'opening_cost' => $room['opens'] ? round($this->between(10, 60)) : 0.0,
                'available_from' => $room['opens'] ? $this->random->getInt(1, max(1, intdiv($this->periods, 3))) : 0,
            ];
        }

        return [
            'format' => 'biomegas-placement/1',
            'periods' => $this->periods,
            'overload_cost' => $isNamed ? ['floor' => $overload, 'feed' => 2 * $overload] : $overload,
            'systems' => $systems,
            'units' => array_map(fn (int $u): array => $this->unit($u, $isNamed), array_keys($this->fish)),
            'conflicts' => $this->conflicts($conflicts),
        ];
    }

    /** @return array<string, mixed> */
    private function unit(int $u, bool $isNamed): array
    {
        $floor = array_map(fn (int $t): float => $this->floor($u, $t), range(0, $this->periods - 1));
        $strain = [];
        foreach ($this->rooms as $s => $room) {
            $list = array_map(fn (int $t): ?float => $this->strain($u, $room, $t), range(0, $this->periods - 1));
            if ($s === count($this->rooms) - 1 || ($list !== array_fill(0, $this->periods, null) && ! $this->oneIn(5))) {
                $strain["s{$s}"] = $list;
            }
        }

        return [
            'key' => "u{$u}",
            'start' => $this->startOf($strain),
            'move_cost' => round($this->between(2, 9), 2),
            'min_stay' => $this->random->getInt(1, 4),
            'load' => $isNamed ? ['floor' => $floor, 'feed' => array_map(fn (float $area): float => round(0.4 * $area ** 0.8, 2), $floor)] : $floor,
            'strain' => $strain,
        ];
    }

    /** @param  array{side: float, capacity: float, opens: bool, pond: bool}  $room */
    private function strain(int $u, array $room, int $t): ?float
    {
        $share = $this->length($u, $t) / $room['side'];
        $isWinter = $room['pond'] && ! in_array($t % self::MONTHS, self::POND_MONTHS, true);

        return $share > self::TOO_LONG || ($isWinter && $this->fish[$u]['tender']) ? null : round(max(0.0, $share - self::STRAINED) * 10, 2);
    }

    /** @param  array<string, list<float|null>>  $strain */
    private function startOf(array $strain): string
    {
        $open = array_keys(array_filter($strain, fn (array $list): bool => $list[0] !== null));
        $open = array_values(array_filter($open, fn (string $key): bool => ! $this->rooms[(int) substr($key, 1)]['opens']));

        return $open[$this->random->getInt(0, intdiv(count($open) - 1, 2))];
    }

    /** @return list<array<string, mixed>> the larger swallows the smaller until that has grown; grown ones quarrel */
    private function conflicts(int $wanted): array
    {
        $conflicts = [];
        $taken = [];
        for ($try = 0; $try < 20 * $wanted && count($conflicts) < $wanted; $try++) {
            [$a, $b] = [$this->random->getInt(0, count($this->fish) - 1), $this->random->getInt(0, count($this->fish) - 1)];
            $until = $this->swallowsUntil($a, $b);
            if ($a === $b || isset($taken[min($a, $b)][max($a, $b)]) || ($until < 0 && $this->oneIn(2))) {
                continue;
            }
            $taken[min($a, $b)][max($a, $b)] = true;
            $conflicts[] = $until >= 0
                ? ['units' => ["u{$a}", "u{$b}"], 'from' => 0, 'to' => $until, 'cost' => $this->oneIn(2) ? null : round($this->between(8, 35), 2)]
                : ['units' => ["u{$a}", "u{$b}"], 'from' => $this->random->getInt(0, intdiv($this->periods, 2)), 'to' => $this->periods - 1, 'cost' => round($this->between(1, 7), 2)];
        }

        return $conflicts;
    }

    /** @return int the last period in which the first can swallow the second; below 0: never */
    private function swallowsUntil(int $a, int $b): int
    {
        for ($t = $this->periods - 1; $t >= 0; $t--) {
            if ($this->length($b, $t) < self::MOUTH * $this->length($a, $t)) {
                return $t;
            }
        }

        return -1;
    }

    private function floor(int $u, int $t): float
    {
        return round(20 * $this->length($u, $t) ** 2, 2);
    }

    private function length(int $u, int $t): float
    {
        ['start' => $start, 'adult' => $adult, 'pace' => $pace] = $this->fish[$u];

        return $adult - ($adult - $start) * exp(-$pace * $t);
    }

    private function oneIn(int $many): bool
    {
        return $this->random->getInt(1, $many) === 1;
    }

    /**
     * @param  list<float>  $values
     */
    private function pick(array $values): float
    {
        return $values[$this->random->getInt(0, count($values) - 1)];
    }

    private function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->random->getInt(0, 1_000_000) / 1_000_000;
    }
}
