<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Biomegas\Measure\Spoken;
use Biomegas\Measure\UnitSystem;
use PHPUnit\Framework\TestCase;

final class SpokenTest extends TestCase
{
    public function test_metric(): void
    {
        $spoken = new Spoken(UnitSystem::Metric);

        $this->assertSame(['3.5 cm', '45 cm', '6.5 m'], [$spoken->length(35), $spoken->length(450), $spoken->length(6500)]);
        $this->assertSame(['120 by 50 cm', '6.5 by 2.4 m'], [$spoken->sides(1200, 500), $spoken->sides(6500, 2400)]);
        $this->assertSame(['0.57 m²', '1 250 l', '25.5 °C', '22 to 30 °C'], [$spoken->area(570000), $spoken->litres(1250), $spoken->temperature(25.5), $spoken->temperatures(22, 30)]);
    }

    public function test_inches_feet_and_gallons(): void
    {
        $us = new Spoken(UnitSystem::Us);

        $this->assertSame(['18.0 in', '21.3 ft'], [$us->length(457.2), $us->length(6500)]);
        $this->assertSame(['48 by 18 in', '75 gal', '77 °F', '72 to 86 °F'], [$us->sides(1219.2, 457.2), $us->litres(283.9), $us->temperature(25), $us->temperatures(22.2, 30)]);
        $this->assertSame('100 imp gal', (new Spoken(UnitSystem::Imperial))->litres(454.609));
    }

    public function test_lists_and_numbers_in_words(): void
    {
        $this->assertSame(['', 'sand', 'sand and hides', 'a lid, sand and hides'], [Spoken::list([]), Spoken::list(['sand']), Spoken::list(['sand', 'hides']), Spoken::list(['a lid', 'sand', 'hides'])]);
        $this->assertSame(['no', 'twelve', '13'], [Spoken::number(0), Spoken::number(12), Spoken::number(13)]);
    }
}
