<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Models\PairVerdict;
use Biomegas\Facility\Fish;
use Biomegas\Planning\Company\CompanyGrid;
use Biomegas\Planning\Company\LengthTable;
use Biomegas\Planning\Company\Pair;
use Biomegas\Rulebook\OwnVerdict;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Who of some fish can live with whom, from when until when.')]
final readonly class CompanySheet
{
    /**
     * @param  list<CompanyFish>  $fish
     * @param  list<PairRow>  $pairs
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/CompanyFish'))] public array $fish,
        #[OA\Property(description: 'How many more there are than are shown.')] public int $more,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/PairRow'))] public array $pairs,
        #[OA\Property(format: 'date')] public string $today,
        #[OA\Property(format: 'date', description: 'As far as is looked ahead.')] public string $until,
    ) {
    }

    /** @param  list<Fish>  $fish */
    public static function from(FacilitySnapshot $kept, array $fish, int $more): self
    {
        $own = self::ownVerdicts();

        return $kept->company($fish, [$more, $own], fn (): self => self::inGrid(
            $kept, CompanyGrid::of($kept->facility, $fish, $kept->lengthsAhead(...)), array_map(fn (Fish $one): CompanyFish => CompanyFish::from($kept, $one), $fish), $more, $own,
        ));
    }

    /** @param  list<CompanyFish>  $fish  of the grid, in its order */
    public static function of(FacilitySnapshot $kept, CompanyGrid $grid, array $fish): self
    {
        return self::inGrid($kept, $grid, $fish, 0, self::ownVerdicts());
    }

    /**
     * @param  list<CompanyFish>  $fish  of the grid, in its order
     * @param  array<string, OwnVerdictRow>  $own  the keeper's words, by both fish
     */
    private static function inGrid(FacilitySnapshot $kept, CompanyGrid $grid, array $fish, int $more, array $own): self
    {
        return new self(
            $fish,
            $more,
            array_map(fn (Pair $pair): PairRow => PairRow::from($kept, $grid, $pair, $own), $grid->pairs),
            $kept->facility->date->toIso(),
            $kept->facility->date->plusDays(CompanyGrid::MONTHS * LengthTable::STEP_DAYS)->toIso(),
        );
    }

    /** @return array<string, OwnVerdictRow> the keeper's words, by both fish; the newest counts */
    private static function ownVerdicts(): array
    {
        return PairVerdict::query()->orderBy('id')->get()->mapWithKeys(fn (PairVerdict $own): array => [OwnVerdict::of(Keys::ofFish($own->fish_id), Keys::ofFish($own->other_id)) => new OwnVerdictRow($own->id, $own->reason)])->all();
    }
}
