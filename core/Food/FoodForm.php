<?php

declare(strict_types=1);

namespace Biomegas\Food;

enum FoodForm: string
{
    case Dry = 'dry';
    case Frozen = 'frozen';
    case Fresh = 'fresh';
    case Live = 'live';
}
