<?php

declare(strict_types=1);

namespace Biomegas\Planning\Agenda;

enum AgendaKind: string
{
    /** Something in the water that harms. */
    case Danger = 'danger';
    case Watch = 'watch';
    /** One suffers from others. */
    case Company = 'company';
    /** A sign of disease, or a fish that did not eat, at the last look. */
    case Sign = 'sign';
    case Move = 'move';
    /** A move or a step of the plan that is followed. */
    case Plan = 'plan';
    /** An interim stay that should have ended. */
    case Interim = 'interim';
    case Quarantine = 'quarantine';
    case Test = 'test';
    /** It must leave its home, and no move is planned. */
    case Outgrown = 'outgrown';
    case Brood = 'brood';
    /** Several counts running found fewer than believed. */
    case Count = 'count';
    case Preparation = 'preparation';
    /** The regular change of water, on its day of the week. */
    case Change = 'change';
    case Inspection = 'inspection';
    case Measure = 'measure';

    /** The lower, the more pressing. */
    public function urgency(): int
    {
        return match ($this) {
            self::Danger => 0,
            self::Watch, self::Company, self::Sign, self::Move, self::Interim, self::Quarantine, self::Test => 1,
            self::Outgrown, self::Plan => 2,
            self::Brood, self::Count, self::Preparation => 3,
            self::Change, self::Inspection => 4,
            self::Measure => 5,
        };
    }
}
