<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

use Biomegas\Facility\LengthKind;
use Biomegas\Facility\SystemKind;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Length;
use Biomegas\Measure\Volume;

/** How they are caught and carried, by size, mass, species and home. Common practice, no published source. */
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
        $kilograms = array_sum(array_map(fn (MovingOccupant $mover): float => $mover->mass * $mover->occupant->count, $this->case->movers)) / 1000;

        return max(5.0, ceil(self::LITRES_PER_KG * $kilograms / 5) * 5);
    }

    /** @return list<Finding> */
    public function toHaveAtHand(): array
    {
        return array_values(array_filter([
            $this->needsSling() ? Finding::of('moving.hand.sling') : Finding::of('moving.hand.nets'),
            $this->tub(),
            Finding::of('moving.hand.air'),
            Finding::of('moving.hand.towels'),
            $this->hazards() === [] ? null : Finding::of('moving.hand.gloves'),
            $this->case->from->kind === SystemKind::Pond ? Finding::of('moving.hand.waders') : null,
        ]));
    }

    /** A ray lies flat: its tub is measured across. */
    private function tub(): Finding
    {
        $litres = Volume::ofLitres($this->tubLitres());
        $inside = Length::ofMillimetres(self::TUB_LENGTHS * $this->case->longest());

        return $this->isRay() ? Finding::of('moving.hand.tub_for_disc', litres: $litres, across: $inside) : Finding::of('moving.hand.tub', litres: $litres, length: $inside);
    }

    /** @return list<SheetStep> */
    public function steps(): array
    {
        $steps = [SheetStep::of('decor-out', Phase::Catching, Finding::of('moving.step.decor_out'), Finding::of('moving.step.decor_out_why'))];
        if ($this->case->from->kind !== SystemKind::Tank || $this->needsSling()) {
            $steps[] = SheetStep::of('drain-down', Phase::Catching, Finding::of('moving.step.drain_down'), Finding::of('moving.step.drain_down_why'));
        }
        $steps[] = match (true) {
            $this->isRay() => SheetStep::of('catch', Phase::Catching, Finding::of('moving.step.guide_ray'), Finding::of('moving.step.guide_ray_why')),
            $this->needsSling() => SheetStep::of('catch', Phase::Catching, Finding::of('moving.step.guide'), Finding::of('moving.step.guide_why')),
            default => SheetStep::of('catch', Phase::Catching, Finding::of('moving.step.net'), Finding::of('moving.step.net_why')),
        };
        foreach ($this->hazards() as $i => $hazard) {
            $steps[] = SheetStep::of("hazard-{$i}", Phase::Catching, Finding::of('moving.step.hazard'), Finding::of('moving.step.hazard_why', hazard: $hazard));
        }
        $steps[] = SheetStep::of(
            'into-tub', Phase::Carrying,
            match (true) {
                $this->isRay() => Finding::of('moving.step.guide_into_tub'),
                $this->needsSling() => Finding::of('moving.step.lower_into_tub'),
                default => Finding::of('moving.step.pour_into_tub'),
            },
            Finding::of('moving.step.into_tub_why'),
        );
        if ($this->case->heaviest() > self::TWO_GRAMS) {
            $steps[] = SheetStep::of('two-people', Phase::Carrying, Finding::of('moving.step.two_people'), Finding::of('moving.step.two_people_why'));
        }

        return $steps;
    }

    private function isRay(): bool
    {
        return array_filter($this->case->movers, fn (MovingOccupant $mover): bool => $mover->occupant->species->lengthKind === LengthKind::Disc) !== [];
    }

    /** @return list<string> */
    private function hazards(): array
    {
        return array_values(array_unique(array_merge(...array_map(fn (MovingOccupant $mover): array => $mover->hazards, $this->case->movers))));
    }
}
