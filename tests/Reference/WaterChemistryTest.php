<?php

declare(strict_types=1);

namespace Tests\Reference;

use Biomegas\Facility\Shape\Bow;
use Biomegas\Facility\Shape\Outline;
use Biomegas\Facility\Shape\Round;
use Biomegas\Facility\SystemKind;
use Biomegas\Water\Load\TurnoverNeed;
use Biomegas\Water\Nitrogen;
use Biomegas\Water\Oxygen;
use Biomegas\Water\UnionisedAmmonia;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The water's chemistry against published tables; the values are entered from memory. */
final class WaterChemistryTest extends TestCase
{
    /** @return iterable<string, array{float, float, float}> °C, pH and per cent un-ionised */
    public static function emersonTable(): iterable
    {
        yield '10 °C, pH 7.0' => [10, 7.0, 0.186];
        yield '20 °C, pH 7.0' => [20, 7.0, 0.396];
        yield '25 °C, pH 7.0' => [25, 7.0, 0.566];
        yield '15 °C, pH 8.0' => [15, 8.0, 2.67];
        yield '20 °C, pH 8.0' => [20, 8.0, 3.82];
        yield '25 °C, pH 8.0' => [25, 8.0, 5.38];
        yield '30 °C, pH 8.0' => [30, 8.0, 7.46];
        yield '25 °C, pH 9.0' => [25, 9.0, 36.3];
    }

    /** Emerson, Russo, Lund & Thurston (1975), J. Fish. Res. Board Can. 32, table 3. */
    #[DataProvider('emersonTable')]
    public function test_unionised_ammonia(float $celsius, float $ph, float $percent): void
    {
        $this->assertEqualsWithDelta($percent, 100 * UnionisedAmmonia::share($ph, $celsius), 0.003 * $percent);
    }

    /** @return iterable<string, array{float, float}> °C and mg/l */
    public static function oxygenTable(): iterable
    {
        yield '0 °C' => [0, 14.621];
        yield '5 °C' => [5, 12.770];
        yield '10 °C' => [10, 11.288];
        yield '15 °C' => [15, 10.084];
        yield '20 °C' => [20, 9.092];
        yield '25 °C' => [25, 8.263];
        yield '30 °C' => [30, 7.559];
    }

    /** Benson & Krause (1984), as in Standard Methods 4500-O, table of solubility in fresh water at one atmosphere. */
    #[DataProvider('oxygenTable')]
    public function test_oxygen_saturation(float $celsius, float $milligrams): void
    {
        $this->assertEqualsWithDelta($milligrams, Oxygen::saturation($celsius), 0.002);
    }

    /** Sea water of 35 ppt holds about a fifth less (common knowledge of the trade, from memory). */
    public function test_salt_lowers_saturation(): void
    {
        $this->assertEqualsWithDelta(0.81, Oxygen::saturation(20, 35) / Oxygen::saturation(20), 0.02);
    }

    /** Molar masses: NO3 4.43, NO2 3.28, NH4 1.29 of their nitrogen, as in every handbook of water analysis. */
    public function test_ions_against_their_nitrogen(): void
    {
        $this->assertEqualsWithDelta(4.43, Nitrogen::Nitrate->asIon(1), 0.005);
        $this->assertEqualsWithDelta(3.28, Nitrogen::Nitrite->asIon(1), 0.005);
        $this->assertEqualsWithDelta(1.29, Nitrogen::Ammonia->asIon(1), 0.005);
        $this->assertEqualsWithDelta(2.0, Nitrogen::Nitrite->asNitrogen(Nitrogen::Nitrite->asIon(2.0)), 1e-12);
    }

    /** Closed forms: cylinder, and the shoelace of an L. */
    public function test_floors_against_closed_forms(): void
    {
        $this->assertEqualsWithDelta(M_PI * 1200 ** 2, Round::inside(2400, 900)->floorArea(), 1e-6);
        $l = Outline::inside([[0, 0], [2000, 0], [2000, 800], [700, 800], [700, 1800], [0, 1800]], 600);
        $this->assertEqualsWithDelta(2000 * 800 + 700 * 1000, $l->floorArea(), 1e-6);
        // A bow of half a circle is a half disc.
        $this->assertEqualsWithDelta(1000 * 400 + M_PI * 500 ** 2 / 2, Bow::inside(1000, 400, 500, 500)->floorArea(), 1e-6);
    }

    /** Common practice, no published source: tanks with heavy fish 5 to 6, vats 2 to 3, ponds 0.5 to 1 an hour. */
    public function test_turnover_of_practice(): void
    {
        $this->assertSame([5.0, 6.0], [TurnoverNeed::of(SystemKind::Tank)->least, TurnoverNeed::of(SystemKind::Tank)->most]);
        $this->assertSame([2.0, 3.0], [TurnoverNeed::of(SystemKind::Vat)->least, TurnoverNeed::of(SystemKind::Vat)->most]);
        $this->assertSame([0.5, 1.0], [TurnoverNeed::of(SystemKind::Pond)->least, TurnoverNeed::of(SystemKind::Pond)->most]);
    }

    /** A kilogram of fish uses 300 mg an hour at 25 °C (practice, from memory): in 40 litres it has a little over half an hour. */
    public function test_minutes_in_a_tub(): void
    {
        $minutes = Oxygen::minutesWithoutAir(40, 1000, 25);

        $this->assertEqualsWithDelta(60 * (0.85 * 8.263 - 4) * 40 / 300, $minutes, 0.1);
        $this->assertGreaterThan($minutes, Oxygen::minutesWithoutAir(40, 1000, 15));
        $this->assertSame(INF, Oxygen::minutesWithoutAir(40, 0, 25));
        $this->assertSame(0.0, Oxygen::minutesWithoutAir(40, 1000, 25, 3.0));
    }
}
