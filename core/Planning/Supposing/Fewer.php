<?php

declare(strict_types=1);

namespace Biomegas\Planning\Supposing;

use Biomegas\Facility\Facility;
use Biomegas\Finding\Finding;

/** Some of a shoal have gone to another keeper. */
final readonly class Fewer implements Supposition
{
    /** @param  int  $count  that are left */
    public function __construct(public string $fish, public int $count)
    {
    }

    public function applyTo(Facility $facility): Facility
    {
        return $facility->withFish($facility->fish[$this->fish]->numbering($this->count));
    }

    public function finding(Facility $facility): Finding
    {
        $fish = $facility->fish[$this->fish];

        return Finding::of('suppose.fewer', fish: $fish->name, count: $this->count, less: $fish->count - $this->count);
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
