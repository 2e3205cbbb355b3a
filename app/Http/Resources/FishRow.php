<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Species\Outline;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Group\SizeClass;
use Biomegas\Planning\HomesAhead\UpgradesAhead;
use Biomegas\Planning\WeighUp\Cautions;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A fish or shoal in brief.')]
final readonly class FishRow
{
    /**
     * @param  list<string>  $sizes
     * @param  list<string>  $parting
     */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $species,
        #[OA\Property(description: 'How many are there; 0 when it is gone.')] public int $count,
        #[OA\Property] public bool $is_shoal,
        #[OA\Property(description: 'Of a shoal: how those told apart by size are called.', type: 'array', items: new OA\Items(type: 'string'))] public array $sizes,
        #[OA\Property(description: 'Its colour and mark.', minimum: 0, maximum: 7)] public int $band,
        #[OA\Property(description: 'Its outline in the drawing kit.', type: 'string', enum: Outline::class)] public string $form,
        #[OA\Property(ref: '#/components/schemas/Band', description: 'Today.')] public Band $length_mm,
        #[OA\Property(description: 'The smallest of a shoal, likely, today.')] public float $smallest_mm,
        #[OA\Property(description: 'The largest.')] public float $largest_mm,
        #[OA\Property(ref: '#/components/schemas/LastLength', nullable: true)] public ?LastLength $last_length,
        #[OA\Property(ref: '#/components/schemas/Home')] public Home $home,
        #[OA\Property(ref: '#/components/schemas/ChainStay', nullable: true, description: 'The home after this one in its chain; null when it need not leave, or none takes it.')] public ?ChainStay $next,
        #[OA\Property(description: 'Its home will not do for it today, whatever it is for.')] public bool $has_to_go,
        #[OA\Property(format: 'date', description: 'When something may first stand against its staying where it is; null: not within the horizon.')] public ?string $leaves,
        #[OA\Property(description: 'What stands against its staying then.')] public ?string $leaves_because,
        #[OA\Property(format: 'date', description: 'When to measure it next; null: its length decides nothing.')] public ?string $measure_on,
        #[OA\Property(description: 'What to know before it leaves for another keeper.', type: 'array', items: new OA\Items(type: 'string'))] public array $parting,
    ) {
    }

    /** @return list<self> of all fish that are there */
    public static function all(FacilitySnapshot $kept): array
    {
        return array_map(fn (Fish $fish): self => self::from($kept, $fish), array_values($kept->facility->fish));
    }

    public static function from(FacilitySnapshot $kept, Fish $fish): self
    {
        return $kept->row($fish, self::find(...));
    }

    private static function find(FacilitySnapshot $kept, Fish $fish): self
    {
        $brief = $kept->brief($fish);
        $occupant = $kept->occupant($fish);
        $homes = $kept->homesAhead($fish);
        $next = $homes->next();
        $present = $homes->stays[0] ?? null;
        $record = $kept->kept($fish);

        return new self(
            $record->id,
            $fish->name,
            $fish->species->commonName,
            $record->present,
            $record->arrived > 1 || $fish->isShoal(),
            array_values(array_filter(array_map(fn (SizeClass $size): string => $size->called, $fish->makeup->sizes ?? []))),
            $record->band,
            $record->form,
            Band::from($brief->length),
            round($occupant->shortest(), 1),
            round($occupant->longest(), 1),
            LastLength::of($fish),
            Home::from($brief->home, $kept->says()),
            $next === null ? null : ChainStay::from($next, $kept->says()),
            UpgradesAhead::isOver($homes, $brief->home->fitsNow, $kept->facility->date),
            $present?->leave?->toIso(),
            $kept->says()->sayIf($present?->because?->finding),
            $brief->measureOn?->toIso(),
            $kept->says()->sayEach(Cautions::atParting($record->background)),
        );
    }
}
