<?php

declare(strict_types=1);

namespace Biomegas\Planning\Describing;

use Biomegas\Facility\CurveName;
use Biomegas\Facility\LeastHome;
use Biomegas\Facility\LitresNeed;
use Biomegas\Facility\Range;
use Biomegas\Facility\Species;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Finding\Finding;
use Biomegas\Growth\Curve\GrowthCurves;
use Biomegas\Measure\Length;
use Biomegas\Measure\MeasuredFigure;

/**
 * What a keeper need not know of a species: how fast it grows, how much water
 * and floor it wants. From one like it where there is one, else as of kinds of
 * its size. Judgement over the kinds that come with the application, no
 * published source.
 */
final readonly class WorkedOut
{
    /** A kind of 40 mm grows by this coefficient per year; longer ones more slowly. */
    private const COEFFICIENT_AT_40_MM = 1.6;

    private const SLOWER_BY_LENGTH = -0.42;

    /** Low and high of a coefficient that nobody has stated, and of one that somebody has seen. */
    private const UNSTATED = [0.64, 1.55];

    private const STATED = [0.75, 1.33];

    /** Litres for one of 300 mm, for each more, and how they rise with its length. */
    private const LITRES_AT_300_MM = [284.0, 110.0];

    private const LITRES_BY_LENGTH = [1.9, 2.2];

    private const LEAST_LITRES = 40.0;

    /** Lean and generous school of the usual litres. */
    private const SCHOOLS = [0.78, 1.5];

    /** Length of the least home in body lengths. */
    private const RUN = ['slow' => 4.0, 'cruising' => 5.0, 'racing' => 6.0];

    private const WIDTH_IN_LENGTHS = 1.5;

    private const LEAST_SIDES_MM = [450.0, 250.0];

    /** How one swims of which nobody says it. */
    public const USUAL_SWIMMING = SwimmingStyle::Cruising;

    /** Of a single adult length, how much shorter and longer others become. */
    private const OTHERS_BECOME = [0.82, 1.25];

    /** One that becomes this long grows nearly straight in its first year. */
    private const STRAIGHT_AT_FIRST_MM = 150;

    /** Of its adult length, at which one is usually brought home. */
    private const SOLD_AT_SHARE = 0.15;

    private function __construct(
        /** Per year. */
        public Range $growthCoefficient,
        public LitresNeed $litres,
        public LeastHome $leastHome,
        /** Millimetres one year after it was brought home small, at its reference temperature. */
        public float $afterAYearMm,
        /** Millimetres at which it is then taken to have been brought home. */
        public float $broughtHomeAtMm,
        /** The coefficient follows from growth that was seen. */
        public bool $isGrowthStated,
    ) {
    }

    /** @param  Range  $adult  millimetres, as the keeper says it */
    public static function of(Range $adult, SwimmingStyle $swimming, CurveName $curve, int $group, ?StatedGrowth $growth, ?Species $like): self
    {
        $coefficient = $growth?->coefficient($curve, $adult->typical) ?? self::usualCoefficient($adult->typical, $like);
        [$low, $high] = $growth === null ? self::UNSTATED : self::STATED;
        $from = $growth->fromMm ?? self::SOLD_AT_SHARE * $adult->typical;

        return new self(
            Range::of('growth_coefficient_per_year', $low * $coefficient, $coefficient, $high * $coefficient),
            self::usualLitres($adult->typical, $group, $like),
            self::usualHome($adult->typical, $swimming, $group, $like),
            GrowthCurves::named($curve)->lengthAt($from, $adult->typical, $coefficient, 1.0),
            $from,
            $growth !== null,
        );
    }

    /** Adult lengths of a kind of which one alone is said, millimetres. */
    public static function adultAbout(float $adultMm): Range
    {
        return Range::of('adult_length_mm', self::OTHERS_BECOME[0] * $adultMm, $adultMm, self::OTHERS_BECOME[1] * $adultMm);
    }

    public static function usualCurve(float $adultMm): CurveName
    {
        return $adultMm >= self::STRAIGHT_AT_FIRST_MM ? CurveName::Average : CurveName::VonBertalanffy;
    }

    /** How long it is after a year. */
    public function finding(): Finding
    {
        [$from, $length] = [MeasuredFigure::of(Length::ofMillimetres($this->broughtHomeAtMm)), MeasuredFigure::of(Length::ofMillimetres($this->afterAYearMm))];

        return $this->isGrowthStated
            ? Finding::of('describing.at_this_pace', from: $from, length: $length)
            : Finding::of('describing.as_of_its_size', from: $from, length: $length);
    }

    private static function usualCoefficient(float $adultMm, ?Species $like): float
    {
        return $like === null
            ? self::COEFFICIENT_AT_40_MM * ($adultMm / 40) ** self::SLOWER_BY_LENGTH
            : $like->growthCoefficient->typical * ($adultMm / $like->adultLength->typical) ** self::SLOWER_BY_LENGTH;
    }

    private static function usualLitres(float $adultMm, int $group, ?Species $like): LitresNeed
    {
        $of = $like?->needs->litres;
        if ($of === null) {
            $one = self::LITRES_AT_300_MM[0] * ($adultMm / 300) ** self::LITRES_BY_LENGTH[0];
            $more = self::LITRES_AT_300_MM[1] * ($adultMm / 300) ** self::LITRES_BY_LENGTH[1];
        } else {
            $more = $of->eachMore * ($adultMm / $like->adultLength->typical) ** self::LITRES_BY_LENGTH[1];
            $one = $of->usual * ($adultMm / $like->adultLength->typical) ** self::LITRES_BY_LENGTH[0] - $more * ($of->for - 1);
        }
        $usual = max(self::LEAST_LITRES, $one + $more * ($group - 1));

        return new LitresNeed($group, round(self::SCHOOLS[0] * $usual), round($usual), round(self::SCHOOLS[1] * $usual), max(1.0, round($more)));
    }

    private static function usualHome(float $adultMm, SwimmingStyle $swimming, int $group, ?Species $like): LeastHome
    {
        $of = $like?->needs->leastHome;
        $times = $like === null ? 1.0 : $adultMm / $like->adultLength->typical;

        return new LeastHome(
            round(max(self::LEAST_SIDES_MM[0], $of?->lengthMm === null ? self::RUN[$swimming->value] * $adultMm : $times * $of->lengthMm), -1),
            round(max(self::LEAST_SIDES_MM[1], $of?->widthMm === null ? self::WIDTH_IN_LENGTHS * $adultMm : $times * $of->widthMm), -1),
            null,
            $group,
        );
    }
}
