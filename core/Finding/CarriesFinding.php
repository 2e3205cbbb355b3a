<?php

declare(strict_types=1);

namespace Biomegas\Finding;

use Throwable;

/** Of exceptions that refuse: their message is the code of the finding, for logs. */
trait CarriesFinding
{
    private function __construct(private readonly Finding $finding, ?Throwable $cause = null)
    {
        parent::__construct($finding->code, 0, $cause);
    }

    public function finding(): Finding
    {
        return $this->finding;
    }
}
