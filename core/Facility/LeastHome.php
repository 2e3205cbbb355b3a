<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Facility\Description\ImpossiblePicture;

/** The least home that is claimed for adults of a species; null members are not claimed. */
final readonly class LeastHome
{
    /** @throws ImpossiblePicture */
    public function __construct(
        public ?float $lengthMm,
        public ?float $widthMm,
        public ?float $litres,
        /** How many adults it is claimed for. */
        public int $for = 1,
    ) {
        SpeciesValue::LeastHomeLength->check($lengthMm);
        SpeciesValue::LeastHomeWidth->check($widthMm);
        SpeciesValue::LeastHomeLitres->check($litres);
        SpeciesValue::LeastHomeFor->check($for);
    }
}
