<?php

declare(strict_types=1);

namespace Biomegas\Planning\Supposing;

use Biomegas\Facility\Facility;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Temperature;

/** A system is kept warmer or cooler than it is. */
final readonly class KeptAt implements Supposition
{
    public function __construct(public string $system, public float $celsius)
    {
    }

    public function applyTo(Facility $facility): Facility
    {
        return $facility->withSystem($facility->systems[$this->system]->keptAt(WaterTemperature::heldAt($this->celsius)));
    }

    public function finding(Facility $facility): Finding
    {
        $system = $facility->systems[$this->system];

        return Finding::of('suppose.kept_at', system: $system->name, celsius: Temperature::ofCelsius($this->celsius), now: Temperature::ofCelsius($system->likelyCelsius($facility->date)));
    }

    public function at(Facility $facility): string
    {
        return $this->system;
    }

    public function isInHand(): bool
    {
        return true;
    }
}
