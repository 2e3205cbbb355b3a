<?php

declare(strict_types=1);

namespace Biomegas\Company;

use Biomegas\Facility\Temper;
use Biomegas\Finding\Finding;

/** What a year of the log shows of the temper of one fish; what its keeper says outweighs it. */
final readonly class TemperSeen
{
    /** Harm done so often to so many is no accident. Judgement. */
    private const HARMS = 3;

    private const VICTIMS = 2;

    /** Watched for so long without a single act, it is calm. Judgement. */
    private const CALM_MINUTES = 300;

    public function __construct(
        /** Acts of its own. */
        private int $acts,
        /** Those that left a mark. */
        private int $harms,
        /** On how many. */
        private int $victims,
        /** For how long its home was watched while it lived there with others. */
        private int $watchedMinutes,
        /** What its keeper says; null: nothing. */
        private ?Temper $stated = null,
    ) {
    }

    public function temper(): Temper
    {
        return $this->stated ?? match (true) {
            $this->harms >= self::HARMS && $this->victims >= self::VICTIMS => Temper::Bully,
            $this->acts === 0 && $this->watchedMinutes >= self::CALM_MINUTES => Temper::Calm,
            default => Temper::Usual,
        };
    }

    /** Where that comes from; null: nothing is known of it. */
    public function finding(): ?Finding
    {
        return match (true) {
            $this->stated !== null => Finding::of('company.temper.stated', temper: $this->stated),
            $this->temper() === Temper::Bully => Finding::of('company.temper.bully', harms: $this->harms, victims: $this->victims),
            $this->temper() === Temper::Calm => Finding::of('company.temper.calm', minutes: $this->watchedMinutes),
            default => null,
        };
    }
}
