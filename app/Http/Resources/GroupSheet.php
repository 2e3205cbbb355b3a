<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use Biomegas\Facility\Fish;
use Biomegas\Planning\GroupOutlook;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A fish or shoal among those of its species in its home.')]
final readonly class GroupSheet
{
    /**
     * @param  list<SizeRow>  $sizes
     * @param  list<string>  $others
     * @param  list<ShoalNamed>  $may_join
     */
    public function __construct(
        #[OA\Property] public int $males,
        #[OA\Property] public int $females,
        #[OA\Property(description: 'Of those there, and of those missing of whom nobody knows who they are.')] public int $unknown,
        #[OA\Property(description: 'So many of all of these are gone, and it was not seen who.')] public int $missing,
        #[OA\Property(description: 'Said of those missing.')] public ?string $missing_said,
        #[OA\Property(description: 'Exactly a male and a female.')] public bool $is_pair,
        #[OA\Property(format: 'date', description: 'When its keeper last said who they are; null: never.')] public ?string $seen_on,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/SizeRow'), description: 'The smallest first.')] public array $sizes,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Others of its species in its home.')] public array $others,
        #[OA\Property(description: 'All of its species in its home against the ratio of the rulebook.')] public ?string $ratio,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/ShoalNamed'), description: 'Shoals that it could go into.')] public array $may_join,
    ) {
    }

    public static function from(FacilitySnapshot $kept, Fish $fish): self
    {
        $group = GroupOutlook::of($kept->facility, $fish, $kept->brief($fish)->length->likely);
        $sexes = $group->sexes;

        return new self(
            $sexes->males,
            $sexes->females,
            $sexes->unknown,
            $sexes->missing,
            $kept->says()->sayIf($group->missing),
            $sexes->isPair(),
            $fish->makeup?->date->toIso(),
            array_map(fn (array $size): SizeRow => SizeRow::from(...$size), $group->sizes),
            array_map(fn (Fish $other): string => $other->name, $group->others),
            $kept->says()->sayIf($group->ratio),
            array_map(fn (Fish $shoal): ShoalNamed => new ShoalNamed($kept->kept($shoal)->id, $shoal->name), $group->mayJoin()),
        );
    }
}
