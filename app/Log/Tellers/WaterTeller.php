<?php

declare(strict_types=1);

namespace App\Log\Tellers;

use App\Log\Names;
use App\Models\WaterTest;
use App\Models\WaterWork;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Share;
use Biomegas\Water\Nitrification\FilterCare;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterValue;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/** What was measured of the water, and done to it and to the filter. */
final readonly class WaterTeller
{
    public function __construct(private Names $names)
    {
    }

    public function tell(Model $entry): Finding
    {
        return match (true) {
            $entry instanceof WaterTest => $this->test($entry),
            $entry instanceof WaterWork => $this->work($entry),
            default => throw new LogicException('No water.'),
        };
    }

    private function test(WaterTest $test): Finding
    {
        $values = [];
        foreach ($test->values as $name => $value) {
            $quantity = Quantity::from($name);
            $figure = WaterValue::of($quantity, (float) $value);
            $values[] = $quantity === Quantity::Ph ? Finding::of('log.ph', value: $figure) : Finding::of('log.value', quantity: $quantity, value: $figure);
        }
        $told = Finding::of('log.test', system: $this->names->system($test->system_id), values: $values);

        return $test->note === null ? $told : Finding::of('log.because', what: $told, cause: $test->note);
    }

    private function work(WaterWork $work): Finding
    {
        $system = $this->names->system($work->system_id);

        return match (FilterCare::tryFrom($work->kind)) {
            null => Finding::of('log.water_change', system: $system, share: Share::of((float) $work->share)),
            default => Finding::of('log.filter_care', system: $system, care: FilterCare::from($work->kind)),
        };
    }
}
