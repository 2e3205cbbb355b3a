<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Growth\Shoal;
use Biomegas\Growth\Stall;
use Biomegas\Housing\Rule\TemperatureFit;
use Biomegas\Housing\Size\HomeLimits;
use Biomegas\Housing\Verdict\Occupant;
use Closure;

/**
 * What lies ahead of one fish: its growth, and any home held against it. A home is worked out when it is first asked for.
 */
final class FishOutlook
{
    /** A fish that stalls from this share of its limit on may be cramped. Common practice, no published source. */
    private const NEAR_LIMIT = 0.7;

    /** @var array<string, HomeOutlook> by system */
    private array $homes = [];

    /** @var array<string, float> by system */
    private array $limits = [];

    private ?Stall $stall = null;

    private readonly HomeLimits $rules;

    private readonly Shoal $shoal;

    private readonly float $lengthNow;

    private function __construct(
        public readonly Facility $facility,
        public readonly Fish $fish,
        public readonly GrowthProjection $growth,
    ) {
        $this->rules = new HomeLimits($facility->rulebook);
        $this->shoal = Shoal::of($fish);
        $this->lengthNow = $growth->lengthOn($facility->date)->likely;
    }

    public static function of(FacilityGrowth $study, Fish $fish): self
    {
        return new self($study->facility, $fish, $study->projectionOf($fish));
    }

    /** @return array<string, HomeOutlook> by system, in walking order */
    public function homes(): array
    {
        return array_map($this->homeIn(...), $this->facility->systems);
    }

    public function current(): HomeOutlook
    {
        return $this->homeIn($this->facility->system($this->fish->currentSystem()));
    }

    public function homeIn(System $system): HomeOutlook
    {
        return $this->homes[$system->key] ??= $this->holdAgainst($system);
    }

    /** Greatest length of its leading species that fits, millimetres: cheap, without any date. */
    public function limitIn(System $system): float
    {
        return $this->limits[$system->key] ??= $this->rules->limitIn($system, $this->fish->species, $this->fish)->millimetres;
    }

    /** The largest of a shoal decides. */
    public function fitsNow(System $system): bool
    {
        return $this->lengthNow * $this->shoal->largestAt($this->lengthNow) <= $this->limitIn($system);
    }

    /** As one who lives somewhere on that day. */
    public function occupantOn(LocalDate $date): Occupant
    {
        return $this->shoal->occupant($this->growth->lengthOn($date)->likely);
    }

    public function stall(): Stall
    {
        return $this->stall ??= Stall::of($this->growth->leading());
    }

    /** It stalled near the limit of its home: what it has reached is not its adult size. */
    public function isCramped(): bool
    {
        $limit = $this->limitIn($this->facility->system($this->fish->currentSystem()));

        return $this->stall() === Stall::Stalled && $this->lengthNow * $this->shoal->largestAt($this->lengthNow) > self::NEAR_LIMIT * $limit;
    }

    private function holdAgainst(System $system): HomeOutlook
    {
        $limitOf = $this->limitsIn($system);

        return new HomeOutlook(
            $system->named(),
            $this->rules->limitIn($system, $this->fish->species, $this->fish),
            $this->fitsNow($system),
            $this->growth->outgrows($limitOf, $system),
            TemperatureFit::of($this->fish->species, $system, $this->facility->rulebook),
            $this->worstCase($limitOf, $system),
        );
    }

    /** @return Closure(Species): float greatest mean length that fits, millimetres, for each species that it may be */
    private function limitsIn(System $system): Closure
    {
        return fn (Species $species): float => $this->shoal->meanWhenLargestIs($this->rules->limitIn($system, $species, $this->fish)->millimetres);
    }

    /** @param  Closure(Species): float  $limitOf */
    private function worstCase(Closure $limitOf, System $home): ?WorstCase
    {
        if (count($this->growth->candidates) === 1) {
            return null;
        }
        $cases = array_map(fn (array $species): WorstCase => new WorstCase(
            $species[1]->species,
            $this->growth->ifSurely($species[1])->outgrows($limitOf, $home),
        ), $this->growth->candidates);
        usort($cases, fn (WorstCase $a, WorstCase $b): int => self::order($a) <=> self::order($b));

        return $cases[0];
    }

    /** @return array{string, string} */
    private static function order(WorstCase $case): array
    {
        return [$case->outgrows->likely?->toIso() ?? '9999', $case->outgrows->early?->toIso() ?? '9999'];
    }
}
