<?php

declare(strict_types=1);

namespace Tests\Reference;

use Biomegas\Facility\RuleConstant;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Housing\HomeLimit;
use Biomegas\Housing\SizeRule;
use PHPUnit\Framework\TestCase;
use Tests\Core\Kinds;

/** Facts of the trade on room and turning width: common practice, no published source. Nominal outside sizes, 1 cm of glass. */
final class HousingPracticeTest extends TestCase
{
    public function test_a_heavy_cichlid_of_30_cm_cannot_turn_on_30_cm_of_width_but_on_46(): void
    {
        $narrow = $this->limit(120, 30, SwimmingStyle::Slow);

        $this->assertLessThan(300, $narrow->millimetres);
        $this->assertSame(SizeRule::TurningWidth, $narrow->binding);
        $this->assertGreaterThanOrEqual(300, $this->limit(120, 46, SwimmingStyle::Slow)->millimetres);
    }

    public function test_the_width_inside_the_glass_decides(): void
    {
        $inside = Kinds::limitIn(Box::inside(1200, 300, 400), Kinds::of(SwimmingStyle::Slow));

        $this->assertGreaterThan($this->limit(120, 30, SwimmingStyle::Slow)->millimetres, $inside->millimetres);
    }

    public function test_racing_barbs_of_15_cm_fit_120_cm_and_no_less(): void
    {
        $this->assertGreaterThanOrEqual(150, $this->limit(120, 46, SwimmingStyle::Racing)->millimetres);
        $this->assertLessThan(150, $this->limit(100, 46, SwimmingStyle::Racing)->millimetres);
    }

    public function test_a_small_mouthed_acara_of_20_cm_fits_90_by_46(): void
    {
        $this->assertGreaterThanOrEqual(200, $this->limit(90, 46, SwimmingStyle::Slow)->millimetres);
    }

    /** Three cichlids of 30 cm on 183 x 46 cm pass, three of 25 cm on 120 x 46 cm do not; a pair with six small tetras does. */
    public function test_floor_shares_of_the_roomy_school(): void
    {
        $need = fn (array $lengths): float => RuleConstant::FloorRoomy->standard() * array_sum(array_map(fn (int $cm): float => (10.0 * $cm) ** 2, $lengths));

        $this->assertLessThanOrEqual($this->floor(183, 46), $need([30, 30, 30]));
        $this->assertGreaterThan($this->floor(120, 46), $need([25, 25, 25]));
        $this->assertLessThanOrEqual($this->floor(120, 46), $need([25, 25, 7, 7, 7, 7, 7, 7]));
    }

    /** Crowded grazers of 11 cm on 90 x 30 cm: twelve pass, thirteen are too many. */
    public function test_floor_shares_of_the_crowded_school(): void
    {
        $need = fn (int $n): float => RuleConstant::FloorCrowded->standard() * $n * 110 ** 2;

        $this->assertLessThanOrEqual($this->floor(90, 30), $need(12));
        $this->assertGreaterThan($this->floor(90, 30), $need(13));
    }

    private function limit(float $length, float $width, SwimmingStyle $style): HomeLimit
    {
        return Kinds::limitIn($this->box($length, $width), Kinds::of($style));
    }

    private function floor(float $length, float $width): float
    {
        return $this->box($length, $width)->floorArea();
    }

    private function box(float $length, float $width): Box
    {
        return Box::outside(10 * $length, 10 * $width, 500, 10);
    }
}
