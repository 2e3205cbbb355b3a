<?php

declare(strict_types=1);

namespace App\Sitting;

enum SitterTask: string
{
    case Feed = 'feed';
    case Look = 'look';
}
