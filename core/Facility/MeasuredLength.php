<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\Measure\Length;

final readonly class MeasuredLength
{
    public function __construct(
        public LocalDate $date,
        public Length $length,
        public Method $method,
    ) {
    }
}
