<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

use Biomegas\Facility\LengthKind;
use Biomegas\Facility\SystemKind;

/** How they are caught and carried, by size, mass, kind and home. Common practice, no published source. */
final readonly class Catching
{
    /** Longer or heavier ones go into a sling or tub, never a net. */
    private const SLING_MM = 350.0;

    private const SLING_GRAMS = 1000.0;

    /** Two people from here on. */
    private const TWO_GRAMS = 4000.0;

    /** Litres of carrying water for each kilogram of fish. */
    private const LITRES_PER_KG = 20.0;

    private const TUB_LENGTHS = 1.3;

    public function __construct(private MoveCase $case)
    {
    }

    public function needsSling(): bool
    {
        return $this->case->longest() > self::SLING_MM || $this->case->heaviest() > self::SLING_GRAMS;
    }

    /** Litres that the tub should hold with water in it. */
    public function tubLitres(): float
    {
        $kilograms = array_sum(array_map(fn (MovingOccupant $one): float => $one->mass * $one->occupant->count, $this->case->movers)) / 1000;

        return max(5.0, ceil(self::LITRES_PER_KG * $kilograms / 5) * 5);
    }

    /** @return list<string> */
    public function toHaveAtHand(): array
    {
        $spoken = $this->case->spoken;
        $tub = "a tub with a lid, {$spoken->litres($this->tubLitres())} and {$spoken->length(self::TUB_LENGTHS * $this->case->longest())} long inside";

        return array_values(array_filter([
            $this->needsSling() ? 'a wet sling' : 'two soft nets, no square one in a round bucket',
            $tub,
            'an air pump with its stone, charged',
            'wet towels and wet hands',
            $this->hazards() === [] ? null : 'thick gloves and a tool to free a caught spine',
            $this->case->from->kind === SystemKind::Pond ? 'a pan net and waders' : null,
        ]));
    }

    /** @return list<SheetStep> */
    public function steps(): array
    {
        $steps = [new SheetStep('decor-out', Phase::Catching, 'Lift out rock and wood', 'A chased fish hides, and tears its skin.')];
        if ($this->case->from->kind !== SystemKind::Tank || $this->needsSling()) {
            $steps[] = new SheetStep('drain-down', Phase::Catching, 'Drain down to a hand above its back', 'Only as far as you can refill with warm water; it is caught sooner.');
        }
        $steps[] = match (true) {
            $this->isRay() => new SheetStep('catch', Phase::Catching, 'Guide the ray head first into the tub, under water', 'Never lift it by the tail; the sting is at its root.'),
            $this->needsSling() => new SheetStep('catch', Phase::Catching, 'Guide it head first into the sling, lift with both hands under it', 'Nets take scales off heavy fish and catch their spines.'),
            default => new SheetStep('catch', Phase::Catching, 'Catch with two nets, one that stands and one that drives', 'One net alone chases.'),
        };
        foreach ($this->hazards() as $i => $hazard) {
            $steps[] = new SheetStep("hazard-{$i}", Phase::Catching, 'Mind yourself', $hazard.' Medical help at once when it has stung or bitten deep.');
        }
        $steps[] = new SheetStep('into-tub', Phase::Carrying, $this->needsSling() ? 'Lower it into the tub, lid on, air on' : 'Pour it over from the net into the tub, lid on, air on', 'Fish in shallow water jump; still water runs out of oxygen.');
        if ($this->case->heaviest() > self::TWO_GRAMS) {
            $steps[] = new SheetStep('two-people', Phase::Carrying, 'Two people carry', 'Fish, water and tub are heavier than they look; mind wet floors.');
        }

        return $steps;
    }

    private function isRay(): bool
    {
        return array_filter($this->case->movers, fn (MovingOccupant $one): bool => $one->occupant->species->lengthKind === LengthKind::Disc) !== [];
    }

    /** @return list<string> */
    private function hazards(): array
    {
        return array_values(array_unique(array_merge(...array_map(fn (MovingOccupant $one): array => $one->hazards, $this->case->movers))));
    }
}
