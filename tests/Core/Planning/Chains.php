<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Planning\HomesAhead\HomesAhead;
use Biomegas\Planning\HomesAhead\HomeSearch;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Planning\HomesAhead\PlannedMove;
use Biomegas\Planning\HomesAhead\Residents;
use Biomegas\Planning\HomesAhead\Whereabouts;

/** The chains of homes of a whole facility. */
final class Chains
{
    private readonly FacilityGrowth $growth;

    private readonly Whereabouts $whereabouts;

    public readonly Residents $residents;

    /** @var array<string, GrowthProjection> by fish */
    private array $projections = [];

    /** @param  list<PlannedMove>  $planned */
    public function __construct(private readonly Facility $facility, array $planned = [])
    {
        $this->growth = new FacilityGrowth($facility);
        $this->whereabouts = new Whereabouts($facility, $planned);
        $this->residents = Residents::of($this->whereabouts, fn (Fish $fish): LengthsAhead => LengthsAhead::of($facility, $this->projectionOf($fish)));
    }

    public function projectionOf(Fish $fish): GrowthProjection
    {
        return $this->projections[$fish->key] ??= $this->growth->projectionOf($fish);
    }

    public function of(string $fish, ?LocalDate $notBefore = null): HomesAhead
    {
        $fish = $this->facility->fish[$fish];

        return (new HomeSearch($this->facility, $this->projectionOf($fish), $fish, $this->residents, $notBefore))
            ->findFrom($this->facility->systems[$fish->currentSystem()], $this->whereabouts->settledFor($fish), $this->whereabouts);
    }
}
