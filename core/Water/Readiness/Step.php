<?php

declare(strict_types=1);

namespace Biomegas\Water\Readiness;

use Biomegas\Facility\SystemKind;

/** What makes a home ready, in working order, with the days it usually takes. Common practice, no published source. */
enum Step: string
{
    case Obtain = 'obtain';
    case Stand = 'stand';
    case Level = 'level';
    case Plumb = 'plumb';
    case Power = 'power';
    case LeakTest = 'leak-test';
    case Fill = 'fill';
    case Dechlorinate = 'dechlorinate';
    case RainDrain = 'rain-drain';
    case Cycle = 'cycle';
    case StarterOut = 'starter-out';
    case Decor = 'decor';
    case ClearUp = 'clear-up';
    case Test = 'test';

    public function appliesTo(NewHome $home): bool
    {
        return match ($this) {
            self::Obtain, self::Plumb, self::Power, self::LeakTest => ! $home->isBuilt,
            self::Stand, self::Level => ! $home->isBuilt && $home->kind === SystemKind::Tank,
            self::Dechlorinate => $home->usesTapWater,
            self::RainDrain => $home->kind === SystemKind::Pond,
            self::StarterOut => $home->hasStarterFish,
            default => true,
        };
    }

    public function days(NewHome $home): int
    {
        return match ($this) {
            self::Obtain => $home->kind === SystemKind::Pond ? 21 : 14,
            self::Stand, self::Plumb => 2,
            self::LeakTest, self::ClearUp => 3,
            self::RainDrain => 7,
            self::Cycle => max(1, $home->cycleDays),
            self::Test => 2,
            default => 1,
        };
    }

    public function words(NewHome $home): string
    {
        return match ($this) {
            self::Obtain => $home->kind === SystemKind::Pond ? 'Dig and line it' : 'Order or build it',
            self::Stand => 'Set up the stand',
            self::Level => 'Lay the mat, level it',
            self::Plumb => 'Plumb it, guard the overflow',
            self::Power => 'Bring power',
            self::LeakTest => 'Fill and look for leaks',
            self::Fill => 'Fill it',
            self::Dechlorinate => 'Take the chlorine out',
            self::RainDrain => 'Try the drain in real rain',
            self::Cycle => 'Seed and run in the filter',
            self::StarterOut => 'Take the starter fish out',
            self::Decor => 'Set the decor',
            self::ClearUp => 'Let it run clear',
            self::Test => 'Test the water',
        };
    }

    public function why(NewHome $home): string
    {
        return match ($this) {
            self::Obtain => 'The longest wait comes first.',
            self::Stand => 'Water weighs a kilogram per litre: have the floor judged by an engineer when in doubt.',
            self::Level => 'Glass breaks on a crumb or a slope.',
            self::Plumb => 'A big fish tests every pipe; slots narrower than the smallest body.',
            self::Power => 'An electrician: residual-current device, drip loops.',
            self::LeakTest => 'Three days full show what one does not.',
            self::Fill => 'With the water it will be kept in, so that it is tested as it will be.',
            self::Dechlorinate => 'Chlorine and chloramine burn gills and kill the seed of the filter. By the label.',
            self::RainDrain => 'A pond that overflows loses its fish at night.',
            self::Cycle => $home->cycleDays > 0 ? "Ammonia and nitrite are gone after about {$home->cycleDays} days at the load that is planned." : 'The seed carries the planned load at once.',
            self::StarterOut => 'They were there for the filter; the newcomers would eat or fight them.',
            self::Decor => 'After the filter runs, before the fish: nobody is chased with a rock.',
            self::ClearUp => 'What was stirred up goes into the filter.',
            self::Test => 'Ammonia 0, nitrite 0, nitrate low, carbonate hardness right, no copper or chlorine.',
        };
    }
}
