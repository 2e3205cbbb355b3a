<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Curve\GrowthCurve;
use Biomegas\Growth\Pace\PaceLevel;
use Biomegas\Growth\Pace\PaceStep;

/**
 * The growth that is most probable if the animal keeps to its curve as one level
 * says: generalised least squares, worked as a Kalman filter over asymptote,
 * coefficient, start, deviation and pace together, with the curve taken as
 * straight about one growth.
 */
final readonly class LinearPace
{
    /** Variance of the logarithm of the start before it was measured: nothing is known of it. */
    private const OPEN = 1.0;

    /** Farther than this the curve is not straight by any means. */
    private const FARTHEST_STEP = 1.0;

    /** An asymptote nearer to the start than this leaves nothing to grow. */
    private const LEAST_ROOM = 0.05;

    /** @var list<array{float, float, float, float, float}> of each entry the residual and the slopes by asymptote, coefficient, start and growth time, in logarithms */
    private array $entries;

    /**
     * @param  non-empty-list<Observation>  $observations  by growth time, the first at zero
     * @param  array{float, float, float}  $about  logarithms of asymptote, coefficient and start
     */
    public function __construct(GrowthCurve $curve, private GrowthPrior $prior, private array $observations, private array $about)
    {
        [$asymptote, $coefficient, $start] = array_map(exp(...), $about);
        $entries = [];
        foreach ($observations as $observation) {
            $length = $curve->lengthAt($start, $asymptote, $coefficient, $observation->time);
            $entries[] = [
                $observation->logLength - log($length),
                ...$curve->logJacobian($start, $asymptote, $coefficient, $observation->time),
                $curve->relativeGrowths([$length], [$asymptote], [$coefficient])[0],
            ];
        }
        $this->entries = $entries;
    }

    /** @return array{array{float, float, float}, array{array{float, float, float}, array{float, float, float}, array{float, float, float}}} the most probable logarithms, and their covariance */
    public function under(PaceLevel $level): array
    {
        $ofPrior = $this->prior->covariance;
        $a = $this->prior->mean[0] - $this->about[0];
        $k = $this->prior->mean[1] - $this->about[1];
        $l = $this->observations[0]->logLength - $this->about[2];
        $d = $x = 0.0;
        $paa = $ofPrior[0][0];
        $pak = $ofPrior[0][1];
        $pkk = $ofPrior[1][1];
        $pll = self::OPEN;
        $pxx = $level->spread ** 2;
        $pal = $pkl = $pad = $pkd = $pld = $pdd = $pax = $pkx = $plx = $pdx = 0.0;
        $before = 0.0;
        foreach ($this->entries as $i => [$off, $ha, $hk, $hl, $hd]) {
            $observation = $this->observations[$i];
            $ofMethod = $level->lengthVariance($observation->error);
            $free = 0.0;
            if ($observation->time > $before) {
                $step = PaceStep::over($observation->time - $before, $level->spread);
                $kept = $step->kept;
                $g = $step->ahead;
                $d += $g * $x;
                $x *= $kept;
                $pdd += 2 * $g * $pdx + $g * $g * $pxx + $step->ofDeviation;
                $pdx = $kept * ($pdx + $g * $pxx) + $step->ofBoth;
                $pxx = $kept * $kept * $pxx + $step->ofPace;
                $pad += $g * $pax;
                $pkd += $g * $pkx;
                $pld += $g * $plx;
                $pax *= $kept;
                $pkx *= $kept;
                $plx *= $kept;
                $before = $observation->time;
                $free = $hd * $hd * PaceStep::deviationFromTheStart($before, $level->spread);
            }
            // An entry that looks like an outlier counts as little as it would pull.
            $ofMethod /= self::counted($off, $ofMethod + $free);
            $ca = $ha * $paa + $hk * $pak + $hl * $pal + $hd * $pad;
            $ck = $ha * $pak + $hk * $pkk + $hl * $pkl + $hd * $pkd;
            $cl = $ha * $pal + $hk * $pkl + $hl * $pll + $hd * $pld;
            $cd = $ha * $pad + $hk * $pkd + $hl * $pld + $hd * $pdd;
            $cx = $ha * $pax + $hk * $pkx + $hl * $plx + $hd * $pdx;
            $take = 1 / ($ofMethod + $ha * $ca + $hk * $ck + $hl * $cl + $hd * $cd);
            $pull = $take * ($off - $ha * $a - $hk * $k - $hl * $l - $hd * $d);
            $a += $ca * $pull;
            $k += $ck * $pull;
            $l += $cl * $pull;
            $d += $cd * $pull;
            $x += $cx * $pull;
            $paa -= $take * $ca * $ca;
            $pak -= $take * $ca * $ck;
            $pal -= $take * $ca * $cl;
            $pad -= $take * $ca * $cd;
            $pax -= $take * $ca * $cx;
            $pkk -= $take * $ck * $ck;
            $pkl -= $take * $ck * $cl;
            $pkd -= $take * $ck * $cd;
            $pkx -= $take * $ck * $cx;
            $pll -= $take * $cl * $cl;
            $pld -= $take * $cl * $cd;
            $plx -= $take * $cl * $cx;
            $pdd -= $take * $cd * $cd;
            $pdx -= $take * $cd * $cx;
            $pxx -= $take * $cx * $cx;
        }
        $start = $this->about[2] + self::held($l);

        return [
            [max($this->about[0] + self::held($a), $start + self::LEAST_ROOM), $this->about[1] + self::held($k), $start],
            [[$paa, $pak, $pal], [$pak, $pkk, $pkl], [$pal, $pkl, $pll]],
        ];
    }

    /** Share of a good entry's weight. */
    private static function counted(float $residual, float $variance): float
    {
        $good = ErrorModel::weigh($residual, $variance)[1];

        return $good + (1 - $good) * $variance / ($variance + ErrorModel::OUTLIER_VARIANCE);
    }

    private static function held(float $step): float
    {
        return max(-self::FARTHEST_STEP, min(self::FARTHEST_STEP, $step));
    }
}
