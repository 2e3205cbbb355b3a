<?php

declare(strict_types=1);

namespace App\Bench;

use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\LocalMoment;
use Biomegas\Company\Act;
use Biomegas\Company\Aggression\ChangeKind;
use Biomegas\Company\Aggression\HomeChange;
use Biomegas\Company\Aggression\HomeRecord;
use Biomegas\Company\Aggression\SeenAct;
use Biomegas\Company\Aggression\WatchedSpan;
use Biomegas\Company\Harm;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A year of acts in one invented system of eight fish. */
final readonly class InventedAggression
{
    private const FISH = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'];

    private const DAYS = 360;

    private const LAST_MINUTE = 1439;

    private const SPANS = 300;

    /** @return array{HomeRecord, array<string, LocalDate>, LocalDate} what is written down, when each came, today */
    public static function of(int $acts): array
    {
        $random = new Randomizer(new Mt19937(20_000));
        $today = LocalDate::fromIso('2027-03-01');
        $seen = [];
        for ($i = 0; $i < $acts; $i++) {
            $actor = $random->getInt(0, count(self::FISH) - 1);
            $target = ($actor + $random->getInt(1, count(self::FISH) - 1)) % count(self::FISH);
            $seen[] = new SeenAct(
                self::FISH[min($actor, $target)], self::FISH[max($actor, $target)], Act::cases()[$random->getInt(0, 7)], $random->getInt(0, 9) === 0 ? Harm::TornFin : Harm::None,
                $today->plusDays(-intdiv(self::DAYS * ($acts - 1 - $i), $acts)), $random->getInt(0, self::LAST_MINUTE),
            );
        }
        $spans = array_map(fn (int $i): WatchedSpan => new WatchedSpan(LocalMoment::at($today->plusDays(-$i), 60 * $random->getInt(8, 21)), 30), range(1, self::SPANS));
        $came = array_map(fn (string $fish): HomeChange => new HomeChange(ChangeKind::CameIn, $today->plusDays(-$random->getInt(20, self::DAYS)), $fish), self::FISH);

        return [new HomeRecord($seen, $spans, [], $came, [], []), array_combine(self::FISH, array_map(fn (HomeChange $change): LocalDate => $change->date, $came)), $today];
    }
}
