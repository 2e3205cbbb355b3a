<?php

declare(strict_types=1);

namespace Biomegas\Planning\Supposing;

use Biomegas\Facility\Facility;
use Biomegas\Finding\Finding;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Measure\Length;

/** A fish grows faster, toward a larger size, than it likely does. */
final readonly class GrowsLarge implements Supposition
{
    /** @param  float  $adult  millimetres */
    public function __construct(public string $fish, public float $adult)
    {
    }

    /** Toward the adult length that nine in ten stay below. */
    public static function of(string $fish, GrowthProjection $growth): self
    {
        return new self($fish, $growth->leading()->adultLength(LengthBand::HIGH));
    }

    public function applyTo(Facility $facility): Facility
    {
        return $facility->withFish($facility->fish[$this->fish]->ofStatedAdult($this->adult));
    }

    public function finding(Facility $facility): Finding
    {
        return Finding::of('suppose.grows_large', fish: $facility->fish[$this->fish]->name, adult: Length::ofMillimetres($this->adult));
    }

    public function at(Facility $facility): string
    {
        return $facility->fish[$this->fish]->currentSystem();
    }

    public function isInHand(): bool
    {
        return false;
    }
}
