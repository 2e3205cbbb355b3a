<?php

declare(strict_types=1);

namespace App\Models;

enum Role: string
{
    case Owner = 'owner';
    case Keeper = 'keeper';
    case Helper = 'helper';
    case Viewer = 'viewer';

    /** People, settings, and the files of the whole place. */
    public function mayRun(): bool
    {
        return $this === self::Owner;
    }

    /** Plan, arrange, add and take away. */
    public function mayKeep(): bool
    {
        return $this === self::Owner || $this === self::Keeper;
    }

    /** Write down what happened. */
    public function mayRecord(): bool
    {
        return $this !== self::Viewer;
    }
}
