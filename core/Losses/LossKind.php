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
    /** With a permit alone: never otherwise. */
    case LetOut = 'let-out';

    /** It did not leave alive; of what vanished that is believed. */
    public function isDeath(): bool
    {
        return ! in_array($this, [self::Rehomed, self::GivenBack, self::LetOut], true);
    }

    /** Somebody knows why: nobody does of what vanished, nor who ate what was eaten. */
    public function isExplained(bool $isEaterKnown): bool
    {
        return match ($this) {
            self::Vanished => false,
            self::Eaten => $isEaterKnown,
            default => true,
        };
    }
}
