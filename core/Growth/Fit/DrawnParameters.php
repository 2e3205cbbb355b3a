<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

/** Asymptote, coefficient and start of every draw, and their logarithms. */
final readonly class DrawnParameters
{
    /**
     * @param  list<float>  $logAsymptote
     * @param  list<float>  $logCoefficient
     * @param  list<float>  $logStart
     * @param  list<float>  $asymptote  millimetres
     * @param  list<float>  $coefficient  per year
     * @param  list<float>  $start  millimetres
     */
    public function __construct(
        public array $logAsymptote,
        public array $logCoefficient,
        public array $logStart,
        public array $asymptote,
        public array $coefficient,
        public array $start,
    ) {
    }

    /**
     * @param  list<float>  $logAsymptote
     * @param  list<float>  $logCoefficient
     * @param  list<float>  $logStart
     */
    public static function at(array $logAsymptote, array $logCoefficient, array $logStart): self
    {
        return new self(
            $logAsymptote, $logCoefficient, $logStart,
            array_map(exp(...), $logAsymptote), array_map(exp(...), $logCoefficient), array_map(exp(...), $logStart),
        );
    }
}
