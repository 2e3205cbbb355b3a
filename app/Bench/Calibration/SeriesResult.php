<?php

declare(strict_types=1);

namespace App\Bench\Calibration;

use Biomegas\Growth\Projection\LengthBand;

/** How the bands of one or more series held. */
final class SeriesResult
{
    public int $forecasts = 0;

    private int $inside = 0;

    private float $width = 0.0;

    private float $pinball = 0.0;

    public function add(LengthBand $band, float $millimetres): void
    {
        $this->forecasts++;
        $this->inside += (int) ($millimetres >= $band->low && $millimetres <= $band->high);
        $this->width += log($band->high / $band->low);
        foreach ([[LengthBand::LOW, $band->low], [LengthBand::LIKELY, $band->likely], [LengthBand::HIGH, $band->high]] as [$quantile, $at]) {
            $above = log($millimetres / $at);
            $this->pinball += ($above >= 0.0 ? $quantile * $above : ($quantile - 1) * $above) / 3;
        }
    }

    public function join(self $other): void
    {
        $this->forecasts += $other->forecasts;
        $this->inside += $other->inside;
        $this->width += $other->width;
        $this->pinball += $other->pinball;
    }

    /** Share of the later lengths inside their 10 to 90 % band. */
    public function coverage(): float
    {
        return $this->inside / max(1, $this->forecasts);
    }

    /** Mean logarithm of high over low. */
    public function meanWidth(): float
    {
        return $this->width / max(1, $this->forecasts);
    }

    /** Mean pinball loss of the three quantiles, in logarithms: less is better, for width and error alike. */
    public function loss(): float
    {
        return $this->pinball / max(1, $this->forecasts);
    }
}
