<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use Biomegas\Company\PairReason;
use Biomegas\Facility\Fish;
use Biomegas\Planning\Company\CompanyGrid;
use Biomegas\Planning\Company\Pair;
use Biomegas\Planning\Company\Swallowing;
use Biomegas\Rulebook\OwnVerdict;
use Biomegas\Rulebook\PairVerdict;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Two fish or shoals held against each other.')]
final readonly class PairRow
{
    /**
     * @param  list<PairSpan>  $spans
     * @param  list<string>  $reasons
     * @param  list<SwallowingRow>  $swallowings
     */
    public function __construct(
        #[OA\Property] public int $one,
        #[OA\Property] public int $other,
        #[OA\Property(type: 'string', enum: PairVerdict::class, description: 'The worst of the time looked at.')] public PairVerdict $verdict,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/PairSpan'), description: 'From today on.')] public array $spans,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'The heaviest first.')] public array $reasons,
        #[OA\Property(nullable: true, description: 'What the heaviest of them is about, in a word; null: none weighs anything.')] public ?string $about,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/SwallowingRow'))] public array $swallowings,
        #[OA\Property(ref: '#/components/schemas/OwnVerdictRow', nullable: true, description: 'Null: the rules say so.')] public ?OwnVerdictRow $own,
    ) {
    }

    /** @param  array<string, OwnVerdictRow>  $own  by both fish */
    public static function from(FacilitySnapshot $kept, CompanyGrid $grid, Pair $pair, array $own): self
    {
        $row = fn (?Swallowing $swallowing, Fish $predator, Fish $prey): ?SwallowingRow => $swallowing === null ? null : SwallowingRow::from($grid, $swallowing, $predator, $prey);

        return new self(
            CompanyFish::idOf($pair->one),
            CompanyFish::idOf($pair->other),
            $pair->verdict(),
            array_map(fn (array $span): PairSpan => new PairSpan($span[0], $span[1]->toIso(), $span[2]?->toIso()), $pair->spans()),
            array_map(fn (PairReason $reason): string => $kept->says()->say($reason->finding), $pair->reasons),
            self::about($pair),
            array_values(array_filter([$row($pair->oneSwallowed, $pair->other, $pair->one), $row($pair->otherSwallowed, $pair->one, $pair->other)])),
            $own[OwnVerdict::of($pair->one->key, $pair->other->key)] ?? null,
        );
    }

    /** The last part of its code, such as "nips". */
    private static function about(Pair $pair): ?string
    {
        $heaviest = $pair->reasons[0] ?? null;

        return $heaviest === null || ($heaviest->weight <= 0.0 && ! $heaviest->isFinal) ? null : substr($heaviest->finding->code, (int) strrpos($heaviest->finding->code, '.') + 1);
    }
}
