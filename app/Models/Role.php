<?php

declare(strict_types=1);

namespace App\Models;

enum Role: string
{
    case Owner = 'owner';
    case Keeper = 'keeper';
    case Viewer = 'viewer';
}
