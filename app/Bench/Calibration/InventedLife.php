<?php

declare(strict_types=1);

namespace App\Bench\Calibration;

use Biomegas\Facility\Species;
use Biomegas\Growth\Curve\GrowthCurve;
use Biomegas\Growth\Curve\GrowthCurves;
use Biomegas\Growth\Fit\GrowthPrior;
use Random\Randomizer;

/** The true growth of an invented fish, drawn from what is believed of its species. Its growth time wanders. */
final class InventedLife
{
    /** Nothing is learnt from a fish that is full grown when it comes. */
    private const LONGEST_START = 0.8;

    private float $time = 0.0;

    private float $deviation = 0.0;

    private float $onward = 0.0;

    private function __construct(
        private readonly GrowthCurve $curve,
        private readonly float $start,
        private readonly float $asymptote,
        private readonly float $coefficient,
        private readonly float $processVariation,
    ) {
    }

    public static function draw(Species $species, float $processVariation, Randomizer $random): self
    {
        $prior = GrowthPrior::ofSpecies($species);
        do {
            [$logAsymptote, $logCoefficient] = $prior->draw(Chance::normal($random), Chance::normal($random));
            $start = exp($prior->logStart + $prior->logStartSpread * Chance::normal($random));
        } while ($start > self::LONGEST_START * exp($logAsymptote));

        return new self(GrowthCurves::named($species->curve), $start, exp($logAsymptote), exp($logCoefficient), $processVariation);
    }

    /** Millimetres at a growth time not before the one that was asked for last. */
    public function liveUntil(float $time, Randomizer $random): float
    {
        $this->deviation += $this->processVariation * sqrt(max(0.0, $time - $this->time)) * Chance::normal($random);
        $this->time = $time;
        $this->onward = Chance::normal($random);

        return $this->lengthAt($time);
    }

    /** Millimetres at a growth time after the last one that it lived until; one way on, always the same. */
    public function lengthAt(float $time): float
    {
        $own = $time + $this->deviation + $this->processVariation * sqrt(max(0.0, $time - $this->time)) * $this->onward;

        return $this->curve->lengthAt($this->start, $this->asymptote, $this->coefficient, max(0.0, $own));
    }
}
