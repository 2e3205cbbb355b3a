<?php

declare(strict_types=1);

namespace Biomegas\Company\Rank;

use Biomegas\Calendar\LocalDate;

/**
 * A rating that moves with every contest, by how surprising it was: Elo (1978),
 * The Rating of Chessplayers; for animals Albers and de Vries (2001), Animal
 * Behaviour 61, 489-495. In the order of time it shows how a rank changed.
 */
final class Elo
{
    private const START = 1000.0;

    /** What a contest between equals moves. */
    private const K = 100.0;

    private const SCALE = 400.0;

    /** @var array<string, float> by key */
    private array $ratings = [];

    /** @var list<RatedDay> */
    private array $days = [];

    /**
     * @param  list<Contest>  $contests  by date
     * @param  list<array{string, LocalDate}>  $entries  who came, newcomers and those that return: they begin at the mean of all
     * @return list<RatedDay> each day on which a rating changed
     */
    public static function history(array $contests, array $entries): array
    {
        $self = new self;
        $at = 0;
        usort($entries, fn (array $a, array $b): int => $a[1]->isBefore($b[1]) ? -1 : ($a[1]->isAfter($b[1]) ? 1 : 0));
        foreach ($contests as $contest) {
            for (; $at < count($entries) && ! $entries[$at][1]->isAfter($contest->date); $at++) {
                $self->enter($entries[$at][0], $entries[$at][1]);
            }
            $self->play($contest);
        }

        return $self->days;
    }

    /** The chance that one with this rating beats one with that. */
    public static function expected(float $rating, float $other): float
    {
        return 1 / (1 + 10 ** (($other - $rating) / self::SCALE));
    }

    private function enter(string $key, LocalDate $date): void
    {
        $others = array_diff_key($this->ratings, [$key => true]);
        $this->ratings[$key] = $others === [] ? self::START : array_sum($others) / count($others);
        $this->note($date);
    }

    private function play(Contest $contest): void
    {
        foreach ([$contest->winner, $contest->loser] as $key) {
            if (! isset($this->ratings[$key])) {
                $this->enter($key, $contest->date);
            }
        }
        $gain = self::K * (1 - self::expected($this->ratings[$contest->winner], $this->ratings[$contest->loser]));
        $this->ratings[$contest->winner] += $gain;
        $this->ratings[$contest->loser] -= $gain;
        $this->note($contest->date);
    }

    private function note(LocalDate $date): void
    {
        if ($this->days !== [] && $this->days[count($this->days) - 1]->date->equals($date)) {
            array_pop($this->days);
        }
        $this->days[] = new RatedDay($date, $this->ratings);
    }
}
