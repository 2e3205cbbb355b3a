<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Facility\SystemName;
use Biomegas\Growth\Projection\OutgrowWindow;
use Biomegas\Housing\Rule\TemperatureFit;
use Biomegas\Housing\Size\HomeLimit;

/** One fish alone in one home: until what length and when it fits. */
final readonly class HomeOutlook
{
    public function __construct(
        public SystemName $system,
        public HomeLimit $limit,
        public bool $fitsNow,
        /** Living there from today on. */
        public OutgrowWindow $outgrows,
        public TemperatureFit $temperature,
        /** Null while the species is sure. */
        public ?WorstCase $worst = null,
    ) {
    }
}
