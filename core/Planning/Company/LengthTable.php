<?php

declare(strict_types=1);

namespace Biomegas\Planning\Company;

use Biomegas\Calendar\LocalDate;
use Biomegas\Company\Mouthful;
use Biomegas\Facility\Fish;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Planning\HomesAhead\LengthsAhead;

/** A fish month by month: what its largest can swallow and what its smallest stands for in a mouth, as normal distributions of the logarithm. */
final readonly class LengthTable
{
    public const STEP_DAYS = 30;

    /** Of the standard normal, below which nine in ten lie. */
    private const NINE_IN_TEN = 1.2816;

    /** Millimetres. */
    private const NO_MOUTH = 1e-9;

    /** The greatest of all months, and the least girth: what most pairs are told apart by. */
    public float $mostRoom;

    public float $leastGirth;

    public float $mostVariance;

    /**
     * @param  non-empty-list<float>  $room  mean logarithm of the longest that it swallows, millimetres of a usual body
     * @param  non-empty-list<float>  $girth  mean logarithm of the length that it stands for
     * @param  non-empty-list<float>  $variance  of both
     */
    private function __construct(
        public array $room,
        public array $girth,
        public array $variance,
    ) {
        [$this->mostRoom, $this->leastGirth, $this->mostVariance] = [max($room), min($girth), max($variance)];
    }

    /** @param  int  $months  to look ahead */
    public static function of(Fish $fish, LengthsAhead $ahead, LocalDate $today, int $months): self
    {
        $shoal = Shoal::of($fish);
        $bands = array_map(fn (int $month): LengthBand => $ahead->bandOn($today->plusDays($month * self::STEP_DAYS)), range(0, $months));
        $occupants = array_map(fn (LengthBand $band): Occupant => $shoal->occupant($band->likely), $bands);

        return new self(
            array_map(fn (Occupant $occupant): float => log(max(self::NO_MOUTH, Mouthful::room($occupant))), $occupants),
            array_map(fn (Occupant $occupant): float => log(Mouthful::girth($occupant)), $occupants),
            array_map(fn (LengthBand $band): float => (log($band->high / $band->low) / (2 * self::NINE_IN_TEN)) ** 2, $bands),
        );
    }
}
