<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

use Biomegas\Facility\Equipment\LightSchedule;
use Biomegas\Facility\Equipment\LightState;

/** In what light they go for each other. */
final readonly class LightTally
{
    /** From so many acts with a time on, and from this share of them, a light is named. */
    private const ENOUGH = 6;

    private const MOST_OF_THEM = 0.6;

    /** @param  non-empty-array<string, int>  $acts  by light, all of them */
    private function __construct(
        public array $acts,
        /** Those of which the time is known. */
        public int $timed,
    ) {
    }

    /** @param  list<SeenAct>  $acts */
    public static function of(array $acts, LightSchedule $light): self
    {
        $tally = array_fill_keys(array_column(LightState::cases(), 'value'), 0);
        foreach ($acts as $act) {
            if ($act->minute !== null) {
                $tally[$light->stateAt($act->minute)->value]++;
            }
        }

        return new self($tally, array_sum($tally));
    }

    /** The light in which most of it happens; null: no light stands out. */
    public function hot(): ?LightState
    {
        $most = max($this->acts);

        return $this->timed >= self::ENOUGH && $most >= self::MOST_OF_THEM * $this->timed
            ? LightState::from((string) array_search($most, $this->acts, true))
            : null;
    }
}
