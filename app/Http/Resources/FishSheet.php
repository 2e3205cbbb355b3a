<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\Broods;
use App\Facility\FacilitySnapshot;
use App\Models\Measurement;
use Biomegas\Facility\Fish;
use Biomegas\Facility\LengthKind;
use Biomegas\Growth\Projection\Pace;
use Illuminate\Support\Collection;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'All that is known of a fish, and its growth behind and ahead.')]
final readonly class FishSheet
{
    /**
     * @param  list<HomeJudgement>  $judgements
     * @param  list<Home>  $homes
     * @param  list<MeasurementEntry>  $measurements
     * @param  list<string>  $flagged
     * @param  list<PastLength>  $behind
     * @param  list<AheadLength>  $ahead
     * @param  list<StayInHome>  $stays
     */
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/FishRow')] public FishRow $fish,
        #[OA\Property] public string $scientific_name,
        #[OA\Property(type: 'string', enum: LengthKind::class)] public LengthKind $length_kind,
        #[OA\Property(format: 'date')] public string $arrived_on,
        #[OA\Property(format: 'date')] public string $today,
        #[OA\Property(ref: '#/components/schemas/Band')] public Band $adult_mm,
        #[OA\Property(type: 'number', nullable: true, description: 'Percentage of its species that would be smaller after the same start.')] public ?float $pace,
        #[OA\Property(type: 'string', enum: Pace::class, nullable: true, description: 'How fast it grows among those of its species; null before the second length.')] public ?Pace $pace_class,
        #[OA\Property(ref: '#/components/schemas/Knowledge')] public Knowledge $knowledge,
        #[OA\Property(ref: '#/components/schemas/Identity')] public Identity $identity,
        #[OA\Property(ref: '#/components/schemas/GroupSheet')] public GroupSheet $group,
        #[OA\Property(nullable: true, description: 'Whose young they are; null: it came from elsewhere.')] public ?string $young_of,
        #[OA\Property(ref: '#/components/schemas/TemperSheet')] public TemperSheet $temper,
        #[OA\Property(ref: '#/components/schemas/Keeping')] public Keeping $keeping,
        #[OA\Property(ref: '#/components/schemas/Circumstances')] public Circumstances $circumstances,
        #[OA\Property(ref: '#/components/schemas/Chain')] public Chain $chain,
        #[OA\Property(description: 'The rules of housing today, of every system in walking order.', type: 'array', items: new OA\Items(ref: '#/components/schemas/HomeJudgement'))] public array $judgements,
        #[OA\Property(description: 'Every system in walking order.', type: 'array', items: new OA\Items(ref: '#/components/schemas/Home'))] public array $homes,
        #[OA\Property(description: 'Oldest first.', type: 'array', items: new OA\Items(ref: '#/components/schemas/MeasurementEntry'))] public array $measurements,
        #[OA\Property(description: 'Days whose length does not fit the others: kept, counted less.', type: 'array', items: new OA\Items(type: 'string', format: 'date'))] public array $flagged,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/PastLength'))] public array $behind,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/AheadLength'))] public array $ahead,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/StayInHome'))] public array $stays,
    ) {
    }

    /**
     * @param  Collection<int, Measurement>  $measurements  oldest first
     */
    public static function from(FacilitySnapshot $kept, Fish $fish, Identity $identity, Circumstances $circumstances, Collection $measurements): self
    {
        $growth = $kept->growthSheet($fish, GrowthSheet::of(...));

        return new self(
            FishRow::from($kept, $fish),
            $fish->species->scientificName,
            $fish->species->lengthKind,
            $fish->arrived->toIso(),
            $kept->facility->date->toIso(),
            $growth->adult,
            $growth->pace === null ? null : round($growth->pace, 1),
            $growth->pace === null ? null : Pace::of($growth->pace),
            $growth->knowledge,
            $identity,
            GroupSheet::from($kept, $fish),
            $kept->says()->sayIf(Broods::parentsOf($kept->kept($fish)->id)),
            TemperSheet::from($kept, $kept->kept($fish)->id),
            Keeping::from($kept->facility, $fish),
            $circumstances,
            Chain::from($kept->homesAhead($fish), $kept->facility->horizon(), $kept->says()),
            $kept->judgements($fish, HomeJudgement::all(...)),
            $growth->homes,
            array_values(array_map(MeasurementEntry::from(...), $measurements->all())),
            $growth->flagged,
            $growth->behind,
            $growth->ahead,
            StayInHome::of($kept->facility, $fish),
        );
    }
}
