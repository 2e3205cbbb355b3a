<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Pool;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A system with its inside outline and its fish.')]
final readonly class SystemSheet
{
    /**
     * @param  list<Basin>  $basins
     * @param  list<FishRow>  $fish
     */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(type: 'string', enum: SystemKind::class)] public SystemKind $kind,
        #[OA\Property(description: 'Its place on the round, from 1.')] public int $walk_order,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Basin'))] public array $basins,
        #[OA\Property(description: 'Expected today, °C.')] public ?float $temperature_c,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/FishRow'))] public array $fish,
        #[OA\Property(ref: '#/components/schemas/Full', nullable: true)] public ?Full $full,
        #[OA\Property(ref: '#/components/schemas/WaterBrief')] public WaterBrief $water,
        #[OA\Property(description: 'All that the fish share, with the sump.')] public float $water_litres,
        #[OA\Property(format: 'date', description: 'When it comes into use; null: it is.')] public ?string $available_from,
    ) {
    }

    /** @return list<self> in walking order */
    public static function all(FacilitySnapshot $kept): array
    {
        $systems = array_values($kept->facility->systems);

        return array_map(fn (int $i, System $system): self => self::from($kept, $system, $i + 1), array_keys($systems), $systems);
    }

    public static function one(FacilitySnapshot $kept, System $system): self
    {
        return self::from($kept, $system, (int) array_search($system->key, array_keys($kept->facility->systems), true) + 1);
    }

    private static function from(FacilitySnapshot $kept, System $system, int $walkOrder): self
    {
        $temperature = $system->temperature?->on($kept->facility->date);

        return new self(
            Keys::id($system->key),
            $system->name,
            $system->kind,
            $walkOrder,
            array_map(fn (Pool $pool): Basin => Basin::from($pool, $system, $kept->facility->date), $system->pools),
            $temperature === null ? null : round($temperature, 1),
            array_map(fn (Fish $fish): FishRow => FishRow::from($kept, $fish), $kept->facility->residentsOf($system)),
            Full::from($kept->full($system), $kept->says()),
            WaterBrief::from($kept, $system),
            round($system->waterLitres(), 1),
            $system->isAvailableOn($kept->facility->date) ? null : $system->readyFrom($kept->facility->date)?->toIso(),
        );
    }
}
