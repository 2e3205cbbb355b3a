<?php

declare(strict_types=1);

namespace Biomegas\Planning\Change;

use Biomegas\Measure\Spoken;
use Biomegas\Water\Nitrification\LoadForecast;
use Biomegas\Water\Nitrification\Outcome;
use Biomegas\Water\Test\Quantity;

/** What a change would come to, in one sentence or two. */
final readonly class ChangeSentence
{
    public function __construct(private BeforeAfter $change)
    {
    }

    public function words(): string
    {
        $new = array_values(array_diff($this->change->after->objections, $this->change->before->objections));
        $water = $this->ofWater();

        return match (true) {
            $new !== [] => "Not like this. {$new[0]}".($water === null ? '' : " {$water}"),
            $water !== null => $water,
            default => 'Yes: everybody still fits.',
        };
    }

    /** Of ammonia and nitrite alone; null: nothing would stir the filter. */
    public function ofWater(): ?string
    {
        $forecast = $this->change->forecast;
        if ($forecast === null) {
            return null;
        }
        $peaks = $this->peaks($forecast);

        return match ($forecast->outcome()) {
            Outcome::Safe => "Yes, as far as the filter goes: {$peaks}.",
            Outcome::TestDaily => "Yes, with a test each day: {$peaks}.",
            Outcome::FilterTooSmall => 'The filter is too small for this load and would never clear it: more media first.',
            Outcome::TooMuch => "Not at once: {$peaks}, which harms.{$this->remedy()}",
        };
    }

    private function peaks(LoadForecast $forecast): string
    {
        return 'ammonia would reach '.Quantity::Ammonia->said(round($forecast->ammoniaPeak()->height, 2)).$this->on($forecast->ammoniaPeak()->day)
            .', nitrite '.Quantity::Nitrite->said(round($forecast->nitritePeak()->height, 2)).$this->on($forecast->nitritePeak()->day);
    }

    private function on(float $day): string
    {
        return ' about '.$this->change->today->plusDays((int) ceil($day))->inWords();
    }

    private function remedy(): string
    {
        $most = $this->change->mostAtOnce;
        $better = $this->change->withChanges;
        $words = match (true) {
            $most === null => '',
            $most > 0 => ' Up to '.Spoken::number($most).' at once would do.',
            default => ' Even for those who live there now the filter is not enough for some days.',
        };
        if ($better !== null && $better->isBearable()) {
            $words .= ' With half of the water changed each day it would stay at '.Quantity::Nitrite->said(round($better->nitritePeak()->height, 2)).' nitrite.';
        }
        $clear = $this->change->forecast?->course->clearFrom();

        return $words.($clear === null ? '' : " Left to itself it is over by {$this->change->today->plusDays($clear)->inWords()}.");
    }
}
