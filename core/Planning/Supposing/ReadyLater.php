<?php

declare(strict_types=1);

namespace Biomegas\Planning\Supposing;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Finding\Finding;

/** A home that is not there yet is ready later than thought; one in which nobody lives cannot be used before. */
final readonly class ReadyLater implements Supposition
{
    public function __construct(public string $system, public LocalDate $on)
    {
    }

    public function applyTo(Facility $facility): Facility
    {
        return $facility->withSystem($facility->systems[$this->system]->readyOn($this->on));
    }

    public function finding(Facility $facility): Finding
    {
        return Finding::of('suppose.ready_later', system: $facility->systems[$this->system]->name, on: $this->on);
    }

    public function at(Facility $facility): string
    {
        return $this->system;
    }

    public function isInHand(): bool
    {
        return false;
    }
}
