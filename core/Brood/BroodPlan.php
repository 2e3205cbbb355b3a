<?php

declare(strict_types=1);

namespace Biomegas\Brood;

use Biomegas\Calendar\LocalDate;

/**
 * What comes when after a brood was seen. Mouthbrooders: first signs on day
 * 7, yolk used on 14 to 16, released on 20 to 28, guarded one to two weeks
 * more; egg scatterers hatch in 2 to 3 days: common practice, no published
 * source. The days of substrate guarders and livebearers, and of the first
 * food, are from memory of common practice.
 */
final readonly class BroodPlan
{
    private const DAYS = [
        'mouthbrooder' => [
            'tails' => [7, 7], 'yolk-used' => [14, 16], 'nursery' => [18, 20], 'released' => [20, 28], 'brine-shrimp' => [20, 28], 'guarded' => [27, 42],
        ],
        'egg-scatterer' => [
            'parents-out' => [0, 0], 'hatch' => [2, 3], 'free-swimming' => [4, 6], 'first-food' => [4, 6], 'brine-shrimp' => [14, 14], 'nursery' => [14, 21],
        ],
        'substrate-guarder' => [
            'hatch' => [2, 4], 'free-swimming' => [6, 10], 'first-food' => [6, 10], 'brine-shrimp' => [7, 10], 'nursery' => [21, 28], 'guarded' => [28, 42],
        ],
        'livebearer' => [
            'fry-out' => [0, 0], 'first-food' => [0, 1], 'brine-shrimp' => [0, 2], 'nursery' => [0, 2],
        ],
    ];

    /** From a darkening livebearer to the birth; from a pair or a darkening of others to the eggs. */
    private const UNTIL_BIRTH = [7, 28];

    private const UNTIL_EGGS = [1, 21];

    /**
     * @param  array<string, array{done?: bool, out?: bool, on?: LocalDate|null}>  $arranged  by kind of step
     * @return list<BroodStep> by day
     */
    public static function of(BroodStyle $style, BroodSign $sign, LocalDate $day, array $arranged = []): array
    {
        $days = $sign->setsTheDay() ? self::DAYS[$style->value] : self::before($style);
        $steps = [];
        foreach ($days as $kind => [$from, $until]) {
            $own = $arranged[$kind] ?? [];
            $on = $own['on'] ?? null;
            $steps[] = new BroodStep(BroodStepKind::from($kind), $on ?? $day->plusDays($from), $on ?? $day->plusDays($until), $own['done'] ?? false, $own['out'] ?? false, $on !== null);
        }
        usort($steps, fn (BroodStep $a, BroodStep $b): int => [$b->from->daysUntil($a->from), $b->until->daysUntil($a->until)] <=> [0, 0]);

        return $steps;
    }

    /**
     * Its parents drive off others on that day: from the first sign until the last step.
     *
     * @param  array<string, array{done?: bool, out?: bool, on?: LocalDate|null}>  $arranged  by kind of step
     */
    public static function isGuardedOn(LocalDate $day, BroodStyle $style, BroodSign $sign, LocalDate $seen, array $arranged): bool
    {
        $last = array_reduce(self::of($style, $sign, $seen, $arranged), fn (LocalDate $last, BroodStep $step): LocalDate => LocalDate::later($last, $step->until), $seen);

        return $style->guards() && ! $day->isBefore($seen) && ! $day->isAfter($last);
    }

    /** @return array<string, array{int, int}> */
    private static function before(BroodStyle $style): array
    {
        return $style === BroodStyle::Livebearer ? ['birth' => self::UNTIL_BIRTH] : ['look-for-eggs' => self::UNTIL_EGGS];
    }
}
