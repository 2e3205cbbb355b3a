<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use Biomegas\Facility\Fish;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Length;
use Biomegas\Planning\Mending\Mend;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Something other than a move that puts a home right.')]
final readonly class MendRow
{
    /** @param  list<string>  $for */
    public function __construct(
        #[OA\Property] public int $system_id,
        #[OA\Property] public string $what,
        #[OA\Property(description: 'Once, in the facility\'s money.')] public float $price,
        #[OA\Property(description: 'Each year.')] public float $per_year,
        #[OA\Property(format: 'date', description: 'The day by which it is needed.')] public string $by,
        #[OA\Property(description: 'Days out of rule that it ends; null: it is wanted, and ends none.')] public ?int $days,
        #[OA\Property(description: 'Of so many in this home, all fish together.')] public int $of_days,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $for,
        #[OA\Property(ref: '#/components/schemas/SupposedRow', nullable: true, description: 'To plan with it; null: no plan can take it.')] public ?SupposedRow $supposed,
    ) {
    }

    public static function from(FacilitySnapshot $kept, Mend $mend): self
    {
        $names = array_map(fn (Fish $fish): string => $fish->name, $mend->for);

        return new self(
            Keys::id($mend->system->key),
            $kept->says()->say($mend->doing?->finding($kept->facility) ?? Finding::of('suppose.divider', system: $mend->system->name, at: Length::ofMillimetres($mend->dividerAt ?? 0.0), fish: $names)),
            round($mend->price, 2), round($mend->perYear, 2), $mend->by->toIso(), $mend->days, $mend->ofDays, $names,
            $mend->doing === null ? null : SupposedRow::from($mend->doing),
        );
    }
}
