<?php

declare(strict_types=1);

namespace Biomegas\Housing\Size;

use Biomegas\Facility\Pool;
use Biomegas\Facility\Species;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;

/**
 * The least home that is claimed for adults of a species. A smaller home holds a
 * smaller fish in proportion: length and width by their ratio, litres by the
 * power by which litres grow with length. Claims are made in round sizes: they
 * are met within the tolerance of the rulebook.
 */
final readonly class LeastHomeLimit implements SizeLimit
{
    /** Claims are made in outside sizes; glass takes about 1 cm each side. Common practice, no published source. */
    private const GLASS_MM = 10.0;

    public function limits(Pool $pool, Species $species, Rulebook $rulebook): array
    {
        $claim = $species->needs->leastHome;
        if ($claim === null) {
            return [];
        }
        $shares = [];
        if ($claim->lengthMm !== null) {
            $shares[] = $pool->shape->swimLength() / ($claim->lengthMm - 2 * self::GLASS_MM);
        }
        if ($claim->widthMm !== null) {
            $shares[] = $pool->shape->turningWidth() / ($claim->widthMm - 2 * self::GLASS_MM);
        }
        if ($claim->litres !== null) {
            $shares[] = ($pool->litres() / $claim->litres) ** (1 / $rulebook->number(RuleParameter::LitresExponent));
        }
        $share = $shares === [] ? 1.0 : min($shares);

        return $share >= 1.0 - $rulebook->number(RuleParameter::SizeTolerance) ? [] : [new HomeLimit($share * $species->roomClaimedAt(), SizeRule::LeastHome)];
    }

    public function homeFor(Species $species, float $length, Rulebook $rulebook): NearestHome
    {
        $claim = $species->needs->leastHome;
        $share = min(1.0, $length / $species->roomClaimedAt());

        return new NearestHome(
            $share * ($claim->lengthMm ?? 0.0),
            $share * ($claim->widthMm ?? 0.0),
            litres: $claim?->litres === null ? null : $claim->litres * $share ** $rulebook->number(RuleParameter::LitresExponent),
        );
    }
}
