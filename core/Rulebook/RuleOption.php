<?php

declare(strict_types=1);

namespace Biomegas\Rulebook;

/** Where keepers disagree: each question has rival answers, the schools, of which the first is the default. Common practice, no published source. */
enum RuleOption: string
{
    case Home = 'home';
    case Upgrade = 'upgrade';
    case Floor = 'floor';
    case Adding = 'adding';
    case Newcomer = 'newcomer';
    case Acclimating = 'acclimating';
    case Water = 'water';
    case Quarantine = 'quarantine';
    case Ration = 'ration';
    case LiveFood = 'live_food';
    case BreedingRatio = 'breeding_ratio';
    case ThrownOut = 'thrown_out';

    /** @return non-empty-list<string> the default first */
    public function answers(): array
    {
        /** @var array<string, non-empty-list<string>> $known rules ask for these all the time */
        static $known = [];

        return $known[$this->value] ??= $this->stated();
    }

    /** @return non-empty-list<string> */
    private function stated(): array
    {
        return match ($this) {
            self::Home => array_column(HomeMethod::cases(), 'value'),
            self::Upgrade => ['staged', 'final-first'],
            self::Floor => array_column(FloorMethod::cases(), 'value'),
            self::Adding => ['by-temperament', 'pairs-or-more', 'one-at-a-time'],
            self::Newcomer => ['small-enough-to-be-ignored', 'grown-out'],
            self::Acclimating => ['by-difference', 'always-slow'],
            self::Water => ['steady', 'tuned'],
            self::Quarantine => ['standard', 'short', 'long'],
            self::Ration => ['steady', 'several', 'sparse'],
            self::LiveFood => ['no-feeder-fish', 'cultured-at-home'],
            self::BreedingRatio => ['2:2', '1:2', '1:3'],
            self::ThrownOut => ['one-time-out', 'rehome-at-once', 'divider'],
        };
    }
}
