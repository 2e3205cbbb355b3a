<?php

declare(strict_types=1);

namespace Biomegas\Measure;

/** A measured or worked out figure that a finding tells of; the catalogue writes it in the units of the keeper. */
interface Figure
{
}
