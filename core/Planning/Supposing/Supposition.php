<?php

declare(strict_types=1);

namespace Biomegas\Planning\Supposing;

use Biomegas\Facility\Facility;
use Biomegas\Finding\Finding;

/** Something that is not so, but might be. */
interface Supposition
{
    public function applyTo(Facility $facility): Facility;

    /** Said of the facility as it is. */
    public function finding(Facility $facility): Finding;

    /** Key of the system at which it is. */
    public function at(Facility $facility): string;

    /** A keeper can bring it about, and then a plan may rest on it. */
    public function isInHand(): bool;
}
