<?php

declare(strict_types=1);

namespace Biomegas\Planning\Supposing;

use Biomegas\Facility\Equipment\Filter;
use Biomegas\Facility\Equipment\FilterMedia;
use Biomegas\Facility\Facility;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Volume;

/** The filter of a system holds more of its media. */
final readonly class MoreMedia implements Supposition
{
    public function __construct(public string $system, public float $litres)
    {
    }

    public function applyTo(Facility $facility): Facility
    {
        $system = $facility->systems[$this->system];
        $media = $system->equipment->filter->media ?? FilterMedia::Sponge;

        return $facility->withSystem($system->with($system->equipment->changed(filter: new Filter($media, $this->litres))));
    }

    public function finding(Facility $facility): Finding
    {
        $system = $facility->systems[$this->system];

        return Finding::of('suppose.media', litres: Volume::ofLitres($this->litres), now: Volume::ofLitres($system->equipment->filter->litres ?? 0.0), system: $system->name);
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
