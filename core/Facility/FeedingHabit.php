<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** What a system is fed, held against the dry food that its fish would be given by the book. */
final readonly class FeedingHabit
{
    public function __construct(
        /** Of the ration by the book: 1.8 is 1.8 times as much. Food is counted as the dry food of as much dry matter. */
        public float $ofRation,
        /** Of that dry food, the share that is protein. */
        public float $protein,
        /** Of a kilogram of that dry food, in the facility's money; null: not known. */
        public ?float $pricePerKg,
    ) {
    }
}
