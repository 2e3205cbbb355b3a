<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Facility\Description\ImpossiblePicture;

/** Somebody says how long a species becomes, in millimetres of the species' own length. */
final readonly class AdultSizeClaim
{
    /** @throws ImpossiblePicture */
    public function __construct(
        public float $millimetres,
        public ClaimKind $kind,
        /** Null: of both. */
        public ?Sex $sex = null,
        public string $source = '',
    ) {
        SpeciesValue::ClaimedLength->check($millimetres);
    }
}
