<?php

declare(strict_types=1);

namespace Biomegas\Finding;

/** A measured or worked out figure, or a day, that a finding tells of; the catalogue writes it in the units of the keeper. */
interface Figure
{
}
