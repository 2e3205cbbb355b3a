<?php

declare(strict_types=1);

namespace Biomegas\Water\Nitrification;

/** What a change of load comes to for those who live there. */
enum Outcome: string
{
    case Safe = 'safe';
    case TestDaily = 'test-daily';
    case TooMuch = 'too-much';
    case FilterTooSmall = 'filter-too-small';
}
