<?php

declare(strict_types=1);

namespace Biomegas\Planning\Supposing;

use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Species;
use Biomegas\Facility\Stay;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Length;
use Biomegas\Rulebook\Method;

/** A fish or shoal is bought and put into a home today. */
final readonly class OneMore implements Supposition
{
    /** Only one is thought of at a time. */
    public const KEY = 'newcomer-0';

    public function __construct(
        public Species $species,
        public string $system,
        /** Millimetres. */
        public float $length,
        public int $count = 1,
    ) {
    }

    public function applyTo(Facility $facility): Facility
    {
        return $facility->withFish(new Fish(
            self::KEY, $this->species->commonName, $this->species, $facility->date, [new Stay($this->system, $facility->date)],
            [new MeasuredLength($facility->date, Length::ofMillimetres($this->length), Method::Eye)], $this->count, ration: $facility->rulebook->ration(),
        ));
    }

    public function finding(Facility $facility): Finding
    {
        return Finding::of('suppose.one_more', species: $this->species->commonName, count: $this->count, system: $facility->systems[$this->system]->name, length: Length::ofMillimetres($this->length));
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
