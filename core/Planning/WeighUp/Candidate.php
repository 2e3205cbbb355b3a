<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

use Biomegas\Facility\Background;
use Biomegas\Facility\Species;
use Biomegas\InvalidEntry;

/** What somebody thinks of bringing home. */
final readonly class Candidate
{
    /** Nobody is longer than this beside its kind. */
    private const LONGEST_SHARE = 1.5;

    private function __construct(
        public Species $kind,
        public Background $background,
        public int $count,
        /** Millimetres, as stated for its kind. */
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
     * @throws InvalidEntry on `length` when no fish of this kind is that long
     */
    public static function of(Species $kind, Background $background, int $count, ?float $length, HealthSeen $health, int $quarantineServed, ?float $price, bool $hasFallback): self
    {
        $length ??= $background->usualLengthWhenSold($kind);
        if ($length > self::LONGEST_SHARE * $kind->adultLength->high) {
            throw InvalidEntry::because('length', "No {$kind->commonName} is that long. Check the unit, or what it is.");
        }

        return new self($kind, $background, $count, $length, $health, $quarantineServed, $price, $hasFallback);
    }

    /** "it" or "them". */
    public function it(): string
    {
        return $this->count === 1 ? 'it' : 'them';
    }
}
