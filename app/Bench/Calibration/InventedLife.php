<?php

declare(strict_types=1);

namespace App\Bench\Calibration;

use Biomegas\Facility\Species;
use Biomegas\Growth\Curve\GrowthCurve;
use Biomegas\Growth\Curve\GrowthCurves;
use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\Pace\PaceStep;
use Random\Randomizer;

/** The true growth of an invented fish, drawn from what is believed of its species. Its growth time wanders. */
final class InventedLife
{
    /** Nothing is learnt from a fish that is full grown when it comes. */
    private const LONGEST_START = 0.8;

    private float $time = 0.0;

    private float $deviation = 0.0;

    private float $pace;

    private float $onward = 0.0;

    private function __construct(
        private readonly GrowthCurve $curve,
        private readonly float $start,
        private readonly float $asymptote,
        private readonly float $coefficient,
        private readonly float $wander,
        private readonly float $spread,
        float $firstPace,
    ) {
        $this->pace = $firstPace;
    }

    /**
     * @param  float  $wander  of its growth time, years to the half
     * @param  float  $spread  of its pace about that of its curve
     */
    public static function draw(Species $species, float $wander, float $spread, Randomizer $random): self
    {
        $prior = GrowthPrior::ofSpecies($species);
        do {
            [$logAsymptote, $logCoefficient] = $prior->draw(Chance::normal($random), Chance::normal($random));
            $start = exp($prior->logStart + $prior->logStartSpread * Chance::normal($random));
        } while ($start > self::LONGEST_START * exp($logAsymptote));

        return new self(GrowthCurves::named($species->curve), $start, exp($logAsymptote), exp($logCoefficient), $wander, $spread, $spread * Chance::normal($random));
    }

    /** Millimetres at a growth time not before the one that was asked for last. */
    public function liveUntil(float $time, Randomizer $random): float
    {
        $step = PaceStep::over(max(0.0, $time - $this->time), $this->spread);
        $variance = $this->deviationIn($step, $time);
        $ahead = sqrt($variance) * Chance::normal($random);
        $this->deviation += $step->ahead * $this->pace + $ahead;
        $ofBoth = $variance > 0.0 ? $step->ofBoth / $variance : 0.0;
        $this->pace = $step->kept * $this->pace + $ofBoth * $ahead + sqrt(max(0.0, $step->ofPace - $ofBoth * $step->ofBoth)) * Chance::normal($random);
        $this->time = $time;
        $this->onward = Chance::normal($random);

        return $this->lengthAt($time);
    }

    /** Millimetres at a growth time after the last one that it lived until; one way on, always the same. */
    public function lengthAt(float $time): float
    {
        $step = PaceStep::over(max(0.0, $time - $this->time), $this->spread);
        $own = $time + $this->deviation + $step->ahead * $this->pace + sqrt($this->deviationIn($step, $time)) * $this->onward;

        return $this->curve->lengthAt($this->start, $this->asymptote, $this->coefficient, max(0.0, $own));
    }

    /** Variance that comes to its growth time until then, with its own wander in place of the usual. */
    private function deviationIn(PaceStep $step, float $time): float
    {
        return max(0.0, $step->ofDeviation + ($this->wander ** 2 - PaceStep::WANDER ** 2) * max(0.0, $time - $this->time));
    }
}
