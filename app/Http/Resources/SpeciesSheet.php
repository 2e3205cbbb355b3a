<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use App\Models\Species as Kept;
use App\Scenario\ScenarioMapper;
use Biomegas\Facility\AdultSizeClaim;
use Biomegas\Growth\Fit\AdultSize;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnitSystem;
use Biomegas\Planning\WeighUp\Cautions;
use Illuminate\Support\Collection;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'All that is known of a species.')]
final readonly class SpeciesSheet
{
    /**
     * @param  array<string, mixed>  $description
     * @param  list<string>  $edited
     * @param  list<Claim>  $claims
     * @param  list<LookAlike>  $look_alikes
     * @param  list<Inspection>  $inspections
     * @param  list<string>  $cautions
     */
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/SpeciesRow')] public SpeciesRow $species,
        #[OA\Property(description: 'In the words of the scenario format.', type: 'object', additionalProperties: true)] public array $description,
        #[OA\Property(description: 'As it came with the application; empty for a species of the keeper\'s own.', type: 'object', additionalProperties: true)] public object $shipped,
        #[OA\Property(description: 'Fields with a value of the keeper\'s own.', type: 'array', items: new OA\Items(type: 'string'))] public array $edited,
        #[OA\Property(description: 'False: the keeper added this species.')] public bool $is_shipped,
        #[OA\Property(description: 'Where values come from, by field; what is not named comes from memory.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))] public object $sources,
        #[OA\Property(ref: '#/components/schemas/Band', description: 'Adult length by all claims: the central 90 %.')] public Band $adult_mm,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Claim'))] public array $claims,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/LookAlike'))] public array $look_alikes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Inspection'))] public array $inspections,
        #[OA\Property(description: 'What law, conservation and its handling ask.', type: 'array', items: new OA\Items(type: 'string'))] public array $cautions,
    ) {
    }

    /** @param  Collection<string, Kept>  $all  every species by key */
    public static function from(Kept $kept, int $here, Collection $all): self
    {
        $description = $kept->current();
        $species = ScenarioMapper::species($description);
        $adult = AdultSize::of($species);
        $range = $adult->range();
        $background = ScenarioMapper::background($description);

        return new self(
            SpeciesRow::from($kept, $here),
            $description,
            (object) $kept->description,
            array_keys($kept->own),
            $kept->description !== [],
            (object) ($description['sources'] ?? []),
            Band::from(new LengthBand($range->low, $range->typical, $range->high)),
            array_map(fn (AdultSizeClaim $claim, float $share): Claim => Claim::from($claim, $share), $species->claims, $adult->shares),
            array_map(fn (array $lookAlike): LookAlike => new LookAlike(
                $all->get($lookAlike['kind'])?->id, $all->get($lookAlike['kind'])->common_name ?? $lookAlike['kind'], $lookAlike['marks'], (float) $lookAlike['shows_at_mm'],
            ), array_values($description['look_alikes'] ?? [])),
            array_map(fn (array $inspection): Inspection => new Inspection($inspection['what'], $inspection['every_days']), array_values($description['inspections'] ?? [])),
            (new Messages(Units::of(UnitSystem::Metric), app()->getLocale()))->sayEach(Cautions::ofKind($background)),
        );
    }
}
