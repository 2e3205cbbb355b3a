<?php

declare(strict_types=1);

namespace Biomegas\Housing\Size;

use Biomegas\Facility\Pool;
use Biomegas\Facility\Species;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;

/** A young one of a large kind fouls a small tank long before it cannot turn in it: so much water for its length. Beside room to swim; common practice, no published source. */
final readonly class GrowOutLimit implements SizeLimit
{
    private const MM_PER_CM = 10.0;

    public function limits(Pool $pool, Species $species, Rulebook $rulebook): array
    {
        $perMm = self::litresPerMm($species, $rulebook);

        return $perMm > 0.0 ? [new HomeLimit($pool->litres() / $perMm, SizeRule::Litres)] : [];
    }

    public function homeFor(Species $species, float $length, Rulebook $rulebook): NearestHome
    {
        $perMm = self::litresPerMm($species, $rulebook);

        return new NearestHome(litres: $perMm > 0.0 ? $perMm * $length : null);
    }

    /** Nothing for kinds that stay small, and where litres are asked for anyway. */
    private static function litresPerMm(Species $species, Rulebook $rulebook): float
    {
        return $rulebook->home()->asksForRoomToSwim() && $species->adultLength->high > $rulebook->number(RuleParameter::GrowOutFrom)
            ? $rulebook->number(RuleParameter::GrowOutLitres) / self::MM_PER_CM
            : 0.0;
    }
}
