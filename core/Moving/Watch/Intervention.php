<?php

declare(strict_types=1);

namespace Biomegas\Moving\Watch;

/** What is done against chasing, mildest first. Common practice, no published source. */
enum Intervention: string
{
    case LightsOff = 'lights-off';
    case Distract = 'distract';
    case MoveDecor = 'move-decor';
    case RefugeNet = 'refuge-net';
    case Divider = 'divider';
    case TakeOutVictim = 'take-out-victim';
    case TakeOutBully = 'take-out-bully';

    public function words(): string
    {
        return match ($this) {
            self::LightsOff => 'Lights off',
            self::Distract => 'Feed and change water',
            self::MoveDecor => 'Move the decor',
            self::RefugeNet => 'A refuge net for the victim',
            self::Divider => 'Put a divider in',
            self::TakeOutVictim => 'Take the victim out',
            self::TakeOutBully => 'Take the bully out',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::LightsOff => 'Nobody chases what it does not see.',
            self::Distract => 'Food and new water give them something else to do.',
            self::MoveDecor => 'Moved borders must be fought out anew, by all.',
            self::RefugeNet => 'It can be seen, not bitten.',
            self::Divider => 'For days in which they get used to the sight.',
            self::TakeOutVictim => 'A fish that is beaten does not heal among those who beat it.',
            self::TakeOutBully => 'Some beat every newcomer once; a time-out makes them newcomers too.',
        };
    }
}
