<?php

declare(strict_types=1);

namespace Biomegas\Planning\Supposing;

use Biomegas\Facility\Facility;
use Biomegas\Facility\Fitting;
use Biomegas\Finding\Finding;

/** A system is fitted with something that it lacks. */
final readonly class Fitted implements Supposition
{
    /** @param  non-empty-list<Fitting>  $fittings */
    public function __construct(public string $system, public array $fittings)
    {
    }

    public function applyTo(Facility $facility): Facility
    {
        return $facility->withSystem($facility->systems[$this->system]->fittedWith(...$this->fittings));
    }

    public function finding(Facility $facility): Finding
    {
        return Finding::of('suppose.fitted', fittings: $this->fittings, system: $facility->systems[$this->system]->name);
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
