<?php

declare(strict_types=1);

namespace Tests\Core\Facility;

use Biomegas\Facility\CardinalTemperatures;
use Biomegas\Facility\Description\ImpossiblePicture;
use Biomegas\Facility\Range;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

final class DescriptionTest extends TestCase
{
    public function test_spread_of_a_range_puts_90_percent_between_its_ends(): void
    {
        $this->assertEqualsWithDelta(log(1.75) / 3.29, Range::of('size', 400, 500, 700)->logSpread(), 1e-12);
    }

    public function test_refuses_ranges_and_points_that_contradict_themselves(): void
    {
        $wrong = [
            'must be above zero and in this order' => fn () => Range::of('size', 500, 400, 700),
            'must rise' => fn () => CardinalTemperatures::of('kind', 28, 20, 33, 26),
            'best must be at least 22 °C' => fn () => CardinalTemperatures::of('kind', 10, 20, 33, 25),
            'at least a fifth' => fn () => CardinalTemperatures::of('kind', 18, 28, 33, 19),
            'names the system "nowhere"' => fn () => Example::facility([Example::tank('home', 100, 50)], [Example::fish(Example::of(), 'nowhere', [])]),
        ];
        foreach ($wrong as $sentence => $make) {
            try {
                $make();
                $this->fail($sentence);
            } catch (ImpossiblePicture $refusal) {
                $this->assertStringContainsString($sentence, Said::of($refusal->finding()));
            }
        }
    }
}
