<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Growth\Clock\StayClock;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Verdict\Occupant;

/** One fish from home to home, growing as warm as each home is. */
final readonly class Itinerary
{
    /** @param  non-empty-list<array{System, LocalDate, StayClock}>  $stays  by date: where, from when, and its clock there */
    private function __construct(
        public Lodger $lodger,
        public array $stays,
    ) {
    }

    /**
     * @param  list<array{System, LocalDate}>  $moves  where to, and when, by date
     */
    public static function of(Lodger $lodger, LocalDate $today, array $moves): self
    {
        $clock = $lodger->clockIn($lodger->home);
        $stays = [[$lodger->home, $today, $clock]];
        foreach ($moves as [$system, $day]) {
            $clock = $clock->movingOn($day, $lodger->growth->leading()->aheadIn($system));
            $stays[] = [$system, $day, $clock];
        }

        return new self($lodger, $stays);
    }

    public function passesThrough(string $system): bool
    {
        return in_array($system, array_map(fn (array $stay): string => $stay[0]->key, $this->stays), true);
    }

    /** The same, but that it is in another home of the same water instead of this one. */
    public function inPlaceOf(string $system, System $other): self
    {
        return new self($this->lodger, array_map(fn (array $stay): array => $stay[0]->key === $system ? [$other, $stay[1], $stay[2]] : $stay, $this->stays));
    }

    /** @return array{System, LocalDate, StayClock} */
    public function stayOn(LocalDate $date): array
    {
        $stay = $this->stays[0];
        foreach ($this->stays as $next) {
            $stay = $next[1]->isAfter($date) ? $stay : $next;
        }

        return $stay;
    }

    public function bandOn(LocalDate $date): LengthBand
    {
        return new LengthBand($this->lengthOn($date, LengthBand::LOW), $this->lengthOn($date, LengthBand::LIKELY), $this->lengthOn($date, LengthBand::HIGH));
    }

    public function occupantOn(LocalDate $date): Occupant
    {
        return Shoal::of($this->lodger->fish)->occupant($this->lengthOn($date, LengthBand::LIKELY));
    }

    private function lengthOn(LocalDate $date, float $share): float
    {
        return $this->lodger->growth->leading()->lengthAfter($this->stayOn($date)[2]->timeOn($date), $share);
    }
}
