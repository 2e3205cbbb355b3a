<?php

declare(strict_types=1);

namespace Biomegas\Growth;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\LoggedDay;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Species;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Measure\Length;
use Biomegas\Measure\MeasuredFigure;

/** A new length held against what is known of the fish, before it is saved. */
final readonly class LengthReview
{
    /** One in a hundred honest pairs of lengths looks this much like shrinking. */
    private const ONE_IN_A_HUNDRED = 2.33;

    /** One in a thousand honest lengths lies this far from what was expected. */
    private const ONE_IN_A_THOUSAND = 3.09;

    /** Width of an 80 % range in standard deviations. */
    private const EIGHTY_PERCENT_WIDTH = 2.563;

    /** Within so many standard deviations another explanation is offered. */
    private const FITS = 2.0;

    /** Usual slips: inches for centimetres, millimetres for centimetres, a half taken for a whole. */
    private const SLIPS = [2.54, 1 / 2.54, 10.0, 0.1, 2.0, 0.5];

    private function __construct(
        /** Millimetres of the length that the species is stated in: a standard length is held against standard lengths. */
        public float $statedMm,
        /** The last length before that day, if any. */
        public ?MeasuredLength $before,
        /** The same in millimetres of the length that the species is stated in. */
        public ?float $beforeMm,
        /** Millimetres expected on that day from the lengths so far. */
        public LengthBand $expected,
        /** Null when the length is believable. */
        public ?LengthQuestion $question,
        /** Millimetres as it was taken, when a slip of the unit would explain it. */
        public ?float $suggestedMm,
        /** Name of the fish whose length it would be. */
        public ?string $otherFish,
    ) {
    }

    /**
     * @param  Fish  $fish  without the length under review
     *
     * @throws InvalidEntry when the day is before arrival or in the future
     */
    public static function of(FacilityGrowth $growth, Fish $fish, MeasuredLength $entry): self
    {
        LoggedDay::check($entry->date, $fish, $growth->facility->date);
        $before = null;
        foreach ($fish->lengths as $length) {
            $before = $length->date->isAfter($entry->date) ? $before : $length;
        }
        $expected = $growth->projectionOf($fish)->lengthOn($entry->date);
        $stated = $entry->asStatedFor($fish->species);
        $question = self::question($fish->species, $entry, $before, $expected);
        $found = fn (?LengthQuestion $question, ?float $suggestedMm = null, ?string $otherFish = null): self => new self($stated, $before, $before?->asStatedFor($fish->species), $expected, $question, $suggestedMm, $otherFish);
        if ($question === null) {
            return $found(null);
        }
        foreach (self::SLIPS as $slip) {
            if (self::surprise($stated / $slip, $entry->readingErrorFor($fish->species), $expected) < self::FITS) {
                return $found(LengthQuestion::UnitSlip, $entry->length->millimetres() / $slip);
            }
        }
        $other = self::otherFish($growth, $fish, $entry, $entry->date);

        return $found($other === null ? $question : LengthQuestion::OtherFish, otherFish: $other);
    }

    /** What to ask; null when there is no question. */
    public function finding(): ?Finding
    {
        return match ($this->question) {
            null => null,
            LengthQuestion::Shrunk => Finding::of('growth.review.shrunk'),
            LengthQuestion::Jumped => Finding::of('growth.review.jumped'),
            LengthQuestion::FallsShort => Finding::of('growth.review.falls_short'),
            LengthQuestion::UnitSlip => Finding::of('growth.review.unit_slip', meant: MeasuredFigure::of(Length::ofMillimetres($this->suggestedMm ?? 1.0))),
            LengthQuestion::OtherFish => Finding::of('growth.review.other_fish', other: (string) $this->otherFish),
        };
    }

    private static function question(Species $species, MeasuredLength $entry, ?MeasuredLength $before, LengthBand $expected): ?LengthQuestion
    {
        [$stated, $error] = [$entry->asStatedFor($species), $entry->readingErrorFor($species)];
        if ($before !== null) {
            $both = hypot($error, $before->readingErrorFor($species));
            if (log($stated / $before->asStatedFor($species)) < -self::ONE_IN_A_HUNDRED * $both) {
                return LengthQuestion::Shrunk;
            }
        }

        return match (true) {
            self::surprise($stated, $error, $expected) < self::ONE_IN_A_THOUSAND => null,
            $stated > $expected->likely => LengthQuestion::Jumped,
            default => LengthQuestion::FallsShort,
        };
    }

    /** Distance from what was expected in standard deviations. */
    private static function surprise(float $millimetres, float $error, LengthBand $expected): float
    {
        $spread = log($expected->high / $expected->low) / self::EIGHTY_PERCENT_WIDTH;

        return abs(log($millimetres / $expected->likely)) / hypot($error, $spread);
    }

    private static function otherFish(FacilityGrowth $growth, Fish $fish, MeasuredLength $entry, LocalDate $date): ?string
    {
        foreach ($growth->facility->fish as $other) {
            if ($other->key !== $fish->key && ! $other->lengths->isEmpty() && $other->currentSystem() === $fish->currentSystem() && ! $date->isBefore($other->arrived)) {
                $stated = $entry->asStatedFor($other->species);
                if (self::surprise($stated, $entry->readingErrorFor($other->species), $growth->projectionOf($other)->lengthOn($date)) < self::FITS) {
                    return $other->name;
                }
            }
        }

        return null;
    }
}
