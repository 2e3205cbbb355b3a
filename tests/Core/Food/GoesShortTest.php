<?php

declare(strict_types=1);

namespace Tests\Core\Food;

use Biomegas\Facility\Diet;
use Biomegas\Facility\FeedingPace;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Habits;
use Biomegas\Facility\WaterLayer;
use Biomegas\Finding\Finding;
use Biomegas\Food\GoesShort;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

/** Common practice, no published source. */
final class GoesShortTest extends TestCase
{
    public function test_the_slow_go_short_beside_the_fast(): void
    {
        $found = GoesShort::among([$this->fish('slug', FeedingPace::Slow), $this->fish('dart', FeedingPace::Fast), $this->fish('plain')]);
        $this->assertSame(['food.short_slow'], array_column($found, 'code'));
        $this->assertSame([['Slug'], ['Dart']], [$found[0]->figures['short'], $found[0]->figures['fast']]);
        $this->assertSame([], GoesShort::among([$this->fish('slug', FeedingPace::Slow), $this->fish('plain')]));
    }

    public function test_grazers_go_short_of_greens_beside_meat_eaters(): void
    {
        $this->assertSame(['food.short_grazers'], array_map(fn (Finding $finding): string => $finding->code, GoesShort::among([$this->fish('cow', diet: Diet::Grazer), $this->fish('pike', diet: Diet::Meat)])));
    }

    public function test_those_at_the_bottom_wait_for_what_the_top_leaves(): void
    {
        $low = $this->fish('low', layer: WaterLayer::Bottom);
        $high = $this->fish('high', layer: WaterLayer::Top);
        $this->assertSame(['food.short_low'], array_column(GoesShort::among([$low, $high]), 'code'));
        $this->assertSame(['food.short_slow'], array_column(GoesShort::among([$low, $high, $this->fish('slug', FeedingPace::Slow), $this->fish('dart', FeedingPace::Fast)]), 'code'), 'said once');
    }

    private function fish(string $key, FeedingPace $pace = FeedingPace::Normal, Diet $diet = Diet::Omnivore, WaterLayer $layer = WaterLayer::All): Fish
    {
        return Example::fish(Example::of(habits: new Habits(diet: $diet, pace: $pace), layer: $layer), 'home', [], key: $key);
    }
}
