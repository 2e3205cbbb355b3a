<?php

declare(strict_types=1);

namespace Biomegas\Losses;

/** How a fish left the facility. */
enum LossKind: string
{
    case Death = 'death';
    case Eaten = 'eaten';
    case Jumped = 'jumped';
    case Disease = 'disease';
    case Injury = 'injury';
    case Rehomed = 'rehomed';
    case GivenBack = 'given-back';
    case Vanished = 'vanished';

    /** It did not leave alive; of what vanished that is believed. */
    public function isDeath(): bool
    {
        return ! in_array($this, [self::Rehomed, self::GivenBack], true);
    }
}
