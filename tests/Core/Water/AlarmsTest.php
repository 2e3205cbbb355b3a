<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\Span;
use Biomegas\Facility\Species;
use Biomegas\Water\Test\Alarm;
use Biomegas\Water\Test\Alarms;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterNow;
use Biomegas\Water\Test\WaterTest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

final class AlarmsTest extends TestCase
{
    /** @return iterable<string, array{non-empty-array<value-of<Quantity>, float>, list<array{Quantity, bool}>}> values, and what is urgent of it */
    public static function waters(): iterable
    {
        yield 'good water' => [['temperature_c' => 26.0, 'ammonia_mg_l' => 0.0, 'nitrite_mg_l' => 0.0, 'nitrate_mg_l' => 30.0, 'kh_dkh' => 6.0, 'ph' => 7.2], []];
        yield 'ammonia at low pH does no harm' => [['ammonia_mg_l' => 1.0, 'ph' => 6.5], []];
        yield 'the same at high pH does' => [['ammonia_mg_l' => 1.0, 'ph' => 8.2], [[Quantity::Ammonia, true]]];
        yield 'a trace of nitrite' => [['nitrite_mg_l' => 0.5], [[Quantity::Nitrite, false]]];
        yield 'much nitrite' => [['nitrite_mg_l' => 2.0], [[Quantity::Nitrite, true]]];
        yield 'nitrate over the target' => [['nitrate_mg_l' => 60.0], [[Quantity::Nitrate, false]]];
        yield 'little carbonate' => [['kh_dkh' => 1.5], [[Quantity::CarbonateHardness, false]]];
        yield 'too cold' => [['temperature_c' => 20.0], [[Quantity::Temperature, true]]];
        yield 'oxygen low' => [['oxygen_mg_l' => 5.0, 'temperature_c' => 26.0], [[Quantity::Oxygen, false]]];
        yield 'oxygen very low' => [['oxygen_mg_l' => 3.5, 'temperature_c' => 26.0], [[Quantity::Oxygen, true]]];
        yield 'chlorine' => [['chlorine_mg_l' => 0.1], [[Quantity::Chlorine, true]]];
        yield 'copper for a fish' => [['copper_mg_l' => 0.05], [[Quantity::Copper, false]]];
        yield 'urgent ones first' => [['nitrate_mg_l' => 80.0, 'nitrite_mg_l' => 3.0], [[Quantity::Nitrite, true], [Quantity::Nitrate, false]]];
    }

    /**
     * @param  non-empty-array<value-of<Quantity>, float>  $values
     * @param  list<array{Quantity, bool}>  $expected
     */
    #[DataProvider('waters')]
    public function test_says_what_wants_a_hand(array $values, array $expected): void
    {
        $alarms = $this->alarms($values, Example::of(keep: new Span(22, 30)));

        $this->assertSame($expected, array_map(fn (Alarm $alarm): array => [$alarm->quantity, $alarm->isUrgent], $alarms));
        foreach ($alarms as $alarm) {
            $this->assertNotSame('', $alarm->nextStep);
            $this->assertStringEndsWith('.', Said::of($alarm->finding));
        }
    }

    /** Common practice, no published source: rays and invertebrates do not bear copper over 0.03 mg/l. */
    public function test_copper_is_urgent_for_rays(): void
    {
        $this->assertTrue($this->alarms(['copper_mg_l' => 0.05], Example::of(lengthKind: LengthKind::Disc))[0]->isUrgent);
        $this->assertSame([], $this->alarms(['copper_mg_l' => 0.02], Example::of(lengthKind: LengthKind::Disc)));
    }

    public function test_old_values_say_nothing_about_today(): void
    {
        $today = LocalDate::fromIso('2027-03-13');
        $now = WaterNow::of([
            WaterTest::ofRecord($today->plusDays(-20), ['nitrite_mg_l' => 3.0]),
            WaterTest::ofRecord($today->plusDays(-10), ['nitrate_mg_l' => 40.0]),
            WaterTest::ofRecord($today->plusDays(-1), ['nitrate_mg_l' => 44.0]),
        ], $today);

        $this->assertNull($now->value(Quantity::Nitrite));
        $this->assertSame(44.0, $now->value(Quantity::Nitrate));
        $this->assertSame('2027-03-12', $now->day(Quantity::Nitrate)?->toIso());
    }

    public function test_the_harmful_part_and_the_saturation_follow_from_what_was_measured(): void
    {
        $today = LocalDate::fromIso('2027-03-13');
        $now = WaterNow::of([WaterTest::ofRecord($today, ['ammonia_mg_l' => 1.288, 'ph' => 8.0, 'temperature_c' => 25.0, 'oxygen_mg_l' => 8.263])], $today);

        $this->assertEqualsWithDelta(0.0538, $now->unionisedAmmonia(null, null), 2e-4);
        $this->assertEqualsWithDelta(1.0, $now->oxygenSaturation(null), 1e-3);
        $this->assertNull(WaterNow::of([WaterTest::ofRecord($today, ['ammonia_mg_l' => 1.0])], $today)->unionisedAmmonia(null, 25.0));
    }

    /**
     * @param  non-empty-array<value-of<Quantity>, float>  $values
     * @return list<Alarm>
     */
    private function alarms(array $values, Species $kind): array
    {
        $today = LocalDate::fromIso('2027-03-13');

        return (new Alarms(WaterNow::of([WaterTest::ofRecord($today, $values)], $today), [$kind], 50.0, 7.2, 26.0))->all();
    }
}
