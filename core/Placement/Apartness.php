<?php

declare(strict_types=1);

namespace Biomegas\Placement;

/**
 * Can those who may not be together be kept apart at all? Each period by
 * itself: units to systems that they can have reached by then and go on from,
 * none with one that is forbidden to it, by search with the unit that has the
 * fewest ways left first. When a period has no answer, no plan has one.
 */
final class Apartness
{
    /** Search steps in one period; beyond them nothing is said of it. */
    private const MOST_STEPS = 20_000;

    /** @var list<array<int, array<int, true>>> by period and unit, those that may not be with it */
    private array $apart = [];

    /** @var list<array<int, true>> by unit, cells on some path of its own */
    private readonly array $reachable;

    private int $steps = 0;

    public function __construct(private readonly Problem $problem)
    {
        $this->reachable = array_map(fn (int $u): array => (new UnitPaths($problem, $u))->reachable(), array_keys($problem->units));
        for ($t = 0; $t < $problem->periods; $t++) {
            $apart = [];
            foreach ($problem->conflicts as $conflict) {
                if ($conflict->cost === null && $conflict->from <= $t && $t <= $conflict->to) {
                    $apart[$conflict->one][$conflict->other] = $apart[$conflict->other][$conflict->one] = true;
                }
            }
            $this->apart[] = $apart;
        }
    }

    /** @return array{int, list<int>}|null a period, and some units that find no places in it, of which none can be left out; null: none found */
    public function obstacle(): ?array
    {
        for ($t = 0; $t < $this->problem->periods; $t++) {
            $units = array_keys($this->apart[$t]);
            if ($this->isImpossible($t, $units)) {
                foreach ($units as $u) {
                    $others = array_values(array_diff($units, [$u]));
                    $units = $this->isImpossible($t, $others) ? $others : $units;
                }
                sort($units);

                return [$t, $units];
            }
        }

        return null;
    }

    /** @param  list<int>  $units */
    private function isImpossible(int $t, array $units): bool
    {
        $this->steps = 0;
        $ways = [];
        foreach ($units as $u) {
            $ways[$u] = array_filter($this->problem->systems, fn (int $s): bool => isset($this->reachable[$u][$s * $this->problem->periods + $t]), ARRAY_FILTER_USE_KEY);
        }

        return $this->canPlace($t, $ways) === false;
    }

    /**
     * @param  array<int, array<int, string>>  $ways  systems by unit still to be placed
     * @return bool|null null: it took too long to tell
     */
    private function canPlace(int $t, array $ways): ?bool
    {
        if ($ways === []) {
            return true;
        }
        if ($this->steps++ > self::MOST_STEPS) {
            return null;
        }
        $fewest = array_key_first($ways);
        foreach ($ways as $u => $systems) {
            $fewest = count($systems) < count($ways[$fewest]) ? $u : $fewest;
        }
        $systems = $ways[$fewest];
        unset($ways[$fewest]);
        foreach ($systems as $s => $_) {
            $rest = $ways;
            foreach ($this->apart[$t][$fewest] ?? [] as $other => $_apart) {
                unset($rest[$other][$s]);
            }
            $can = $this->canPlace($t, $rest);
            if ($can !== false) {
                return $can;
            }
        }

        return false;
    }
}
