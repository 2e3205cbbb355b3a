<?php

declare(strict_types=1);

namespace App\Sitting;

/** How a task of the sitter's round went. */
enum Outcome: string
{
    case Fed = 'fed';
    case LeftSome = 'left-some';
    case NotFed = 'not-fed';
    case Fine = 'fine';
    case NotFine = 'not-fine';

    public function task(): SitterTask
    {
        return match ($this) {
            self::Fed, self::LeftSome, self::NotFed => SitterTask::Feed,
            self::Fine, self::NotFine => SitterTask::Look,
        };
    }
}
