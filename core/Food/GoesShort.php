<?php

declare(strict_types=1);

namespace Biomegas\Food;

use Biomegas\Facility\Diet;
use Biomegas\Facility\FeedingPace;
use Biomegas\Facility\Fish;
use Biomegas\Facility\WaterLayer;
use Biomegas\Finding\Finding;

/** Who of those at one table goes short, and the practice that helps. Common practice, no published source. */
final readonly class GoesShort
{
    /**
     * @param  list<Fish>  $residents  of one home
     * @return list<Finding> at most one for each reason
     */
    public static function among(array $residents): array
    {
        $some = fn (callable $are): array => array_values(array_filter($residents, $are));
        $slow = $some(fn (Fish $fish): bool => $fish->species->habits->pace === FeedingPace::Slow);
        $fast = $some(fn (Fish $fish): bool => $fish->species->habits->pace === FeedingPace::Fast);
        $grazers = $some(fn (Fish $fish): bool => $fish->species->habits->diet === Diet::Grazer);
        $hunters = $some(fn (Fish $fish): bool => in_array($fish->species->habits->diet, [Diet::Meat, Diet::Shell], true));
        $low = $some(fn (Fish $fish): bool => $fish->species->layer === WaterLayer::Bottom && $fish->species->habits->pace !== FeedingPace::Fast);
        $high = $some(fn (Fish $fish): bool => $fish->species->layer === WaterLayer::Top);

        return array_values(array_filter([
            $slow !== [] && $fast !== [] ? Finding::of('food.short_slow', short: self::names($slow), fast: self::names($fast)) : null,
            $grazers !== [] && $hunters !== [] ? Finding::of('food.short_grazers', short: self::names($grazers), hunters: self::names($hunters)) : null,
            // Those that are slow are told of already.
            $low !== [] && $high !== [] && ($slow === [] || $fast === []) ? Finding::of('food.short_low', short: self::names($low), high: self::names($high)) : null,
        ]));
    }

    /**
     * @param  non-empty-list<Fish>  $fish
     * @return non-empty-list<string>
     */
    private static function names(array $fish): array
    {
        return array_map(fn (Fish $one): string => $one->name, $fish);
    }
}
