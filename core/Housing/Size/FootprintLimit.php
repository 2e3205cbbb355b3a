<?php

declare(strict_types=1);

namespace Biomegas\Housing\Size;

use Biomegas\Facility\LengthKind;
use Biomegas\Facility\Pool;
use Biomegas\Facility\Species;
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
            $limits[] = new HomeLimit($shape->swimLength() / $rulebook->number($species->swimming->swimLengths()), SizeRule::SwimLength);
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
            $rulebook->number($species->swimming->swimLengths()) * $length,
            $rulebook->number(self::turningLengths($species)) * $length,
            $species->tallRatio === null ? null : $species->tallRatio * $length,
        );
    }

    public static function turningLengths(Species $species): RuleParameter
    {
        return $species->lengthKind === LengthKind::Disc ? RuleParameter::TurnRay : $species->swimming->turningLengths();
    }
}
