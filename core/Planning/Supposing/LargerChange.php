<?php

declare(strict_types=1);

namespace Biomegas\Planning\Supposing;

use Biomegas\Facility\Facility;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Share;

/** More of the water of a system is changed each week. */
final readonly class LargerChange implements Supposition
{
    public function __construct(public string $system, public float $share)
    {
    }

    public function applyTo(Facility $facility): Facility
    {
        $system = $facility->systems[$this->system];

        return $facility->withSystem($system->with($system->equipment->changed(weeklyChange: $this->share)));
    }

    public function finding(Facility $facility): Finding
    {
        return Finding::of('suppose.larger_change', system: $facility->systems[$this->system]->name, share: Share::of($this->share));
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
