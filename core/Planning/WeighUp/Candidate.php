<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

use Biomegas\Facility\Background;
use Biomegas\Facility\Species;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** What somebody thinks of bringing home. */
final readonly class Candidate
{
    /** Nobody is longer than this beside its species. */
    private const LONGEST_SHARE = 1.5;

    private function __construct(
        public Species $species,
        public Background $background,
        public int $count,
        /** Millimetres, as stated for its species. */
        public float $length,
        public HealthSeen $health,
        /** Days of quarantine that it has served at the seller's. */
        public int $quarantineServed,
        /** For one, in the facility's money; null: not known. */
        public ?float $price,
        /** A place is known for it if it cannot stay. */
        public bool $hasFallback,
    ) {
    }

    /**
     * @param  float|null  $length  millimetres; null: as it is usually sold
     *
     * @throws InvalidEntry on `length` when no fish of this species is that long
     */
    public static function of(Species $species, Background $background, int $count, ?float $length, HealthSeen $health, int $quarantineServed, ?float $price, bool $hasFallback): self
    {
        $length ??= $background->usualLengthWhenSold($species);
        if ($length > self::LONGEST_SHARE * $species->adultLength->high) {
            throw InvalidEntry::because('length', Finding::of('weigh_up.too_long', species: $species->commonName));
        }

        return new self($species, $background, $count, $length, $health, $quarantineServed, $price, $hasFallback);
    }

    /** The same, of another length. */
    public function grownTo(float $millimetres): self
    {
        return new self($this->species, $this->background, $this->count, $millimetres, $this->health, $this->quarantineServed, $this->price, $this->hasFallback);
    }
}
