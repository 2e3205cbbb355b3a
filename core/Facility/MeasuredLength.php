<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\Measure\Length;
use Biomegas\Rulebook\Method;

/** A length of a fish, or the mean of some members of a shoal. */
final readonly class MeasuredLength
{
    public function __construct(
        public LocalDate $date,
        public Length $length,
        public Method $method,
        /** Null: the length that its species is stated in. */
        public ?LengthKind $lengthKind = null,
        /** How many of a shoal were measured. */
        public int $sample = 1,
        /** Standard deviation between the measured members, millimetres; null when it was not taken. */
        public ?float $spreadMm = null,
        /** Relative standard error of this very reading; null: as is usual for its method. */
        public ?float $ownError = null,
    ) {
    }

    /** Millimetres of the length that this species is stated in. */
    public function asStatedFor(Species $species): float
    {
        $taken = $this->lengthKind ?? $species->lengthKind;

        return $this->length->millimetres() * $species->lengthKind->shareOfTotal() / $taken->shareOfTotal();
    }

    /** Relative standard error of the length or mean, with what converting it adds. */
    public function relativeErrorFor(Species $species): float
    {
        $between = ($this->spreadMm ?? 0.0) / $this->length->millimetres();

        return sqrt(($this->reading() ** 2 + $between ** 2) / $this->sample + $this->conversionErrorFor($species) ** 2);
    }

    /** Of one reading: what may be wrong with a length does not average out over a shoal. */
    public function readingErrorFor(Species $species): float
    {
        return hypot($this->reading(), $this->conversionErrorFor($species));
    }

    private function reading(): float
    {
        return $this->ownError ?? $this->method->relativeError();
    }

    private function conversionErrorFor(Species $species): float
    {
        return $this->lengthKind === null || $this->lengthKind === $species->lengthKind ? 0.0 : LengthKind::CONVERSION_ERROR;
    }
}
