<?php

declare(strict_types=1);

namespace Tests\Core\Picture;

use Biomegas\Facility\Salinity;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Picture\DistanceKnown;
use Biomegas\Picture\DistanceSeen;
use Biomegas\Picture\FishDepth;
use Biomegas\Picture\KnownSpan;
use Biomegas\Picture\Marking;
use Biomegas\Picture\Point;
use Biomegas\Picture\Sight;
use Biomegas\Picture\View;
use PHPUnit\Framework\TestCase;

/** What a picture itself tells of the distance of its camera and the depth of a fish, and how well. */
final class KnownFromThePictureTest extends TestCase
{
    private const ROOM = 600.0;

    public function test_the_distance_is_surer_the_longer_the_thing_is_that_tells_it(): void
    {
        [$short, $long] = [$this->seen(200.0), $this->seen(1200.0)];

        $this->assertEqualsWithDelta(1500.0, $short->mm, 0.1);
        $this->assertEqualsWithDelta(1500.0, $long->mm, 0.1);
        $this->assertGreaterThan(4 * $long->error, $short->error);
        $this->assertLessThanOrEqual(0.5, $short->error);
    }

    public function test_no_distance_is_made_up_where_none_fits(): void
    {
        $this->expectException(InvalidEntry::class);
        DistanceSeen::of($this->view(1500.0)->sight(), KnownSpan::of('distance', new Point(1000, 1500), new Point(2000, 1500), 5.0), 400.0, 2.0);
    }

    public function test_the_depth_of_a_fish_that_is_marked_twice_is_found_and_its_error_grows_with_the_slip(): void
    {
        [$near, $far] = [$this->view(700.0), $this->view(2400.0)];
        $line = fn (View $view): array => [new Point(2000 - $this->pixels($view, 150.0, 350.0), 1500), new Point(2000 + $this->pixels($view, 150.0, 350.0), 1500)];
        $found = FishDepth::seenTwice($near, $line($near), $far, $line($far), self::ROOM);
        $blurred = FishDepth::seenTwice($this->view(700.0, 6.0), $line($near), $this->view(2400.0, 6.0), $line($far), self::ROOM);

        $this->assertEqualsWithDelta(350.0, $found->mm, 0.5);
        $this->assertEqualsWithDelta(350.0, $blurred->mm, 0.5);
        $this->assertGreaterThan(2 * $found->spread, $blurred->spread);
        $this->assertLessThanOrEqual(self::ROOM / sqrt(12), $blurred->spread);
    }

    public function test_a_fish_that_is_not_marked_in_the_other_picture_has_no_depth(): void
    {
        $this->expectException(InvalidEntry::class);
        FishDepth::seenTwice($this->view(700.0), [new Point(1, 1), new Point(90, 1)], $this->view(2400.0), [new Point(1, 1)], self::ROOM);
    }

    public function test_what_is_measured_is_surer_than_what_is_paced_or_guessed(): void
    {
        $this->assertLessThan(DistanceKnown::Paced->relativeError(), DistanceKnown::Measured->relativeError());
        $this->assertLessThan(DistanceKnown::Guessed->relativeError(), DistanceKnown::Paced->relativeError());
        $this->assertSame([2.0, 2.0, 4.0], [Marking::spread(640), Marking::spread(2000), Marking::spread(4000)]);
        $this->assertSame([0.0, 35.0], [Salinity::Fresh->usualPpt(), Salinity::Marine->usualPpt()]);
    }

    private function seen(float $mm): DistanceSeen
    {
        $view = $this->view(1500.0);
        $half = $this->pixels($view, $mm / 2, 500.0);

        return DistanceSeen::of($view->sight()->at(900.0), KnownSpan::of('distance', new Point(2000 - $half, 1500), new Point(2000 + $half, 1500), $mm), 500.0, 2.0);
    }

    private function view(float $distance, float $markSpread = 2.0): View
    {
        return new View(KnownSpan::of('scale', new Point(500, 2800), new Point(3500, 2800), 1000.0), new Point(2000, 1500), 0.0, $distance, 0.01, 10.0, 0.0, 1.333, $markSpread);
    }

    /** So many pixels from the foot something is seen that is so many millimetres aside, behind the glass. */
    private function pixels(View $view, float $mm, float $depth): float
    {
        [$sight, $low, $high] = [new Sight($view->foot, $view->scale->mmPerPixel(), $view->distanceMm, 10.0, 1.333), 0.0, 20_000.0];
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2;
            [$low, $high] = $sight->behind(new Point(2000 + $middle, 1500), $depth)[0] < $mm ? [$middle, $high] : [$low, $middle];
        }

        return $low;
    }
}
