<?php

declare(strict_types=1);

namespace Biomegas\Planning\Supposing;

use Biomegas\Facility\Facility;
use Biomegas\Finding\Finding;

/** A fish or shoal has gone to another keeper. */
final readonly class Rehomed implements Supposition
{
    public function __construct(public string $fish)
    {
    }

    public function applyTo(Facility $facility): Facility
    {
        return $facility->withoutFish($this->fish);
    }

    public function finding(Facility $facility): Finding
    {
        return Finding::of('suppose.rehomed', fish: $facility->fish[$this->fish]->name);
    }

    public function at(Facility $facility): string
    {
        return $facility->fish[$this->fish]->currentSystem();
    }

    public function isInHand(): bool
    {
        return true;
    }
}
