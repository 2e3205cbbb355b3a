<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

enum Advice: string
{
    case Take = 'take';
    case OnlyIf = 'only-if';
    case DoNot = 'do-not';
}
