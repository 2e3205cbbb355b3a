<?php

declare(strict_types=1);

namespace Biomegas\Planning\Supposing;

use Biomegas\Facility\Facility;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Length;
use Biomegas\Planning\WeighUp\Candidate;
use Biomegas\Planning\WeighUp\WeighUp;

/** A fish or shoal is bought and put into a home today. */
final readonly class OneMore implements Supposition
{
    /** Only one is thought of at a time. */
    public const KEY = 'newcomer-0';

    public function __construct(public Candidate $candidate, public string $system)
    {
    }

    public function applyTo(Facility $facility): Facility
    {
        return $facility->withFish(WeighUp::asFish($this->candidate, $facility, key: self::KEY, system: $this->system));
    }

    public function finding(Facility $facility): Finding
    {
        return Finding::of(
            'suppose.one_more', species: $this->candidate->species->commonName, count: $this->candidate->count,
            system: $facility->systems[$this->system]->name, length: Length::ofMillimetres($this->candidate->length),
        );
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
