<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use RuntimeException;

/** A record was changed by somebody else after it was read. */
final class StaleVersion extends RuntimeException
{
    public function __construct(public readonly Model $current)
    {
        parent::__construct('The record was changed meanwhile.');
    }
}
