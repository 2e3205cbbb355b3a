<?php

declare(strict_types=1);

namespace Biomegas\Water\Readiness;

use Biomegas\Facility\SystemKind;
use Biomegas\Finding\Finding;

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

    /** It guards people: it is not left out. */
    public function isNeeded(): bool
    {
        return $this === self::Power;
    }

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

    public function what(NewHome $home): Finding
    {
        return match ($this) {
            self::Obtain => $home->kind === SystemKind::Pond ? Finding::of('ready.dig') : Finding::of('ready.order'),
            self::Stand => Finding::of('ready.stand'),
            self::Level => Finding::of('ready.level'),
            self::Plumb => Finding::of('ready.plumb'),
            self::Power => Finding::of('ready.power'),
            self::LeakTest => Finding::of('ready.leak_test'),
            self::Fill => Finding::of('ready.fill'),
            self::Dechlorinate => Finding::of('ready.dechlorinate'),
            self::RainDrain => Finding::of('ready.rain_drain'),
            self::Cycle => Finding::of('ready.cycle'),
            self::StarterOut => Finding::of('ready.starter_out'),
            self::Decor => Finding::of('ready.decor'),
            self::ClearUp => Finding::of('ready.clear_up'),
            self::Test => Finding::of('ready.test'),
        };
    }

    public function why(NewHome $home): Finding
    {
        return match ($this) {
            self::Obtain => Finding::of('ready.obtain_why'),
            self::Stand => Finding::of('ready.stand_why'),
            self::Level => Finding::of('ready.level_why'),
            self::Plumb => Finding::of('ready.plumb_why'),
            self::Power => Finding::of('ready.power_why'),
            self::LeakTest => Finding::of('ready.leak_test_why'),
            self::Fill => Finding::of('ready.fill_why'),
            self::Dechlorinate => Finding::of('ready.dechlorinate_why'),
            self::RainDrain => Finding::of('ready.rain_drain_why'),
            self::Cycle => $home->cycleDays > 0 ? Finding::of('ready.cycle_why', days: $home->cycleDays) : Finding::of('ready.cycle_seeded_why'),
            self::StarterOut => Finding::of('ready.starter_out_why'),
            self::Decor => Finding::of('ready.decor_why'),
            self::ClearUp => Finding::of('ready.clear_up_why'),
            self::Test => Finding::of('ready.test_why'),
        };
    }
}
