<?php

declare(strict_types=1);

namespace Biomegas\Growth;

use Biomegas\Calendar\LoggedDay;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\RefusedEntry;

/** A new length held against what is known of the fish, before it is saved. */
final readonly class LengthReview
{
    /** One in a hundred honest pairs of lengths looks this much like shrinking. */
    private const ONE_IN_A_HUNDRED = 2.33;

    /** One in a thousand honest lengths lies this far from what was expected. */
    private const ONE_IN_A_THOUSAND = 3.09;

    /** Width of an 80 % range in standard deviations. */
    private const EIGHTY_PERCENT_WIDTH = 2.563;

    private function __construct(
        /** The last length before that day, if any. */
        public ?MeasuredLength $before,
        /** Millimetres expected on that day from the lengths so far. */
        public LengthBand $expected,
        /** Null when the length is believable. */
        public ?LengthQuestion $question,
    ) {
    }

    /**
     * @param  Fish  $fish  without the length under review
     *
     * @throws RefusedEntry when the day is before arrival or in the future
     */
    public static function of(Facility $facility, Fish $fish, MeasuredLength $entry): self
    {
        LoggedDay::check($entry->date, $fish, $facility->date);
        $before = null;
        foreach ($fish->lengths as $length) {
            $before = $length->date->isAfter($entry->date) ? $before : $length;
        }
        $expected = GrowthProjection::of($facility, $fish)->lengthOn($entry->date);

        return new self($before, $expected, self::question($entry, $before, $expected));
    }

    private static function question(MeasuredLength $entry, ?MeasuredLength $before, LengthBand $expected): ?LengthQuestion
    {
        $error = $entry->method->relativeError();
        if ($before !== null) {
            $both = sqrt($error ** 2 + $before->method->relativeError() ** 2);
            $change = log($entry->length->millimetres() / $before->length->millimetres());
            if ($change < -self::ONE_IN_A_HUNDRED * $both) {
                return LengthQuestion::Shrunk;
            }
        }
        $spread = log($expected->high / $expected->low) / self::EIGHTY_PERCENT_WIDTH;
        $surprise = log($entry->length->millimetres() / $expected->likely) / sqrt($error ** 2 + $spread ** 2);

        return match (true) {
            $surprise > self::ONE_IN_A_THOUSAND => LengthQuestion::Jumped,
            $surprise < -self::ONE_IN_A_THOUSAND => LengthQuestion::FallsShort,
            default => null,
        };
    }
}
