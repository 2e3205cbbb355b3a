<?php

declare(strict_types=1);

namespace Biomegas\Housing\Size;

use Biomegas\Facility\LengthKind;
use Biomegas\Facility\Pool;
use Biomegas\Facility\Species;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;

/**
 * A fish fits a home that is a number of its own lengths long, across and, for
 * tall bodies, deep. The numbers follow its swimming style.
 */
final readonly class FootprintLimit implements SizeLimit
{
    public function limits(Pool $pool, Species $species, Rulebook $rulebook): array
    {
        $shape = $pool->shape;
        $limits = [];
        if ($rulebook->home()->asksForRoomToSwim()) {
            $limits[] = new HomeLimit(self::longestIn($shape->swimLength(), $species, $rulebook), SizeRule::SwimLength);
            $limits[] = new HomeLimit($shape->turningWidth() / $rulebook->number(self::turningLengths($species)), SizeRule::TurningWidth);
        }
        if ($species->tallRatio !== null) {
            $limits[] = new HomeLimit($shape->depth() / $species->tallRatio, SizeRule::Depth);
        }

        return $limits;
    }

    public function homeFor(Species $species, float $length, Rulebook $rulebook): NearestHome
    {
        return new NearestHome(
            self::runFor($species, $length, $rulebook),
            $rulebook->number(self::turningLengths($species)) * $length,
            $species->tallRatio === null ? null : $species->tallRatio * $length,
        );
    }

    /** Straight swimming room that a fish of this length needs, millimetres. */
    public static function runFor(Species $species, float $length, Rulebook $rulebook): float
    {
        $lengths = $rulebook->number($species->swimming->swimLengths());
        [$from, $beyond] = self::ofLargeCruisers($species, $rulebook);

        return $lengths * min($length, $from) + $beyond * max(0.0, $length - $from);
    }

    /** The same turned round. */
    private static function longestIn(float $run, Species $species, Rulebook $rulebook): float
    {
        $lengths = $rulebook->number($species->swimming->swimLengths());
        [$from, $beyond] = self::ofLargeCruisers($species, $rulebook);
        $over = $run - $lengths * $from;

        return $over <= 0.0 ? $run / $lengths : $from + ($beyond > 0.0 ? $over / $beyond : INF);
    }

    /** @return array{float, float} millimetres from which fewer lengths do, and how many; infinite for all but cruisers */
    private static function ofLargeCruisers(Species $species, Rulebook $rulebook): array
    {
        return $species->swimming === SwimmingStyle::Cruising
            ? [$rulebook->number(RuleParameter::SwimLargeFrom), $rulebook->number(RuleParameter::SwimLargeBeyond)]
            : [INF, 0.0];
    }

    public static function turningLengths(Species $species): RuleParameter
    {
        return $species->lengthKind === LengthKind::Disc ? RuleParameter::TurnRay : $species->swimming->turningLengths();
    }
}
