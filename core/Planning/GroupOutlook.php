<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Company\BreedingRatio;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Group\Sexes;
use Biomegas\Facility\Group\SizeClass;
use Biomegas\Finding\Finding;
use Biomegas\Growth\Shoal;

/** A fish or shoal among those of its species in its home: who they are, what is missing, with whom it could be one. */
final readonly class GroupOutlook
{
    /**
     * @param  list<Fish>  $others  of its species in its home
     * @param  list<array{SizeClass, float}>  $sizes  those told apart, each with its likely length today, millimetres
     */
    private function __construct(
        /** Its own. */
        public Sexes $sexes,
        public array $others,
        public array $sizes,
        /** All of its species in its home against the school; null: nothing can be said. */
        public ?Finding $ratio,
        /** Somebody is gone and nobody saw who; null: nobody. */
        public ?Finding $missing,
    ) {
    }

    /** @param  float  $mean  its likely length today, millimetres */
    public static function of(Facility $facility, Fish $fish, float $mean): self
    {
        $others = array_values(array_filter(
            $facility->fish,
            fn (Fish $other): bool => $other->key !== $fish->key && $other->gone === null && $other->species->key === $fish->species->key && $other->currentSystem() === $fish->currentSystem(),
        ));
        $sexes = $fish->sexes();
        $together = array_reduce($others, fn (Sexes $sum, Fish $other): Sexes => $sum->plus($other->sexes()), $sexes);
        $shoal = Shoal::of($fish);

        return new self(
            $sexes,
            $others,
            array_map(fn (SizeClass $size): array => [$size, $shoal->lengthOf($size, $mean)], $fish->makeup->sizes ?? []),
            BreedingRatio::of($together, $facility->rulebook->holdingFor($fish->currentSystem(), $fish->key)),
            $sexes->missing === 0 ? null : Finding::of('group.missing', missing: $sexes->missing, males: $sexes->males, females: $sexes->females, unknown: $sexes->unknown),
        );
    }

    /** @return list<Fish> shoals that it could go into */
    public function mayJoin(): array
    {
        return array_values(array_filter($this->others, fn (Fish $other): bool => $other->isShoal()));
    }
}
