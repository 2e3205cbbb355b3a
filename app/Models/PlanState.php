<?php

declare(strict_types=1);

namespace App\Models;

/** How far a plan is. */
enum PlanState: string
{
    case Waiting = 'waiting';
    case Solving = 'solving';
    case Ready = 'ready';
    case Failed = 'failed';

    public function isUnderWay(): bool
    {
        return $this === self::Waiting || $this === self::Solving;
    }
}
