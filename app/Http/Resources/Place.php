<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\FacilitySettings;
use Biomegas\Measure\UnitSystem;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How the place is called, in which units it measures and what it pays in.')]
final readonly class Place
{
    /**
     * @param  list<int>  $change_days
     * @param  list<int>  $measure_days
     */
    public function __construct(
        #[OA\Property] public string $facility,
        #[OA\Property(type: 'string', enum: UnitSystem::class)] public UnitSystem $unit_system,
        #[OA\Property(description: 'Each quantity, with those that are set apart.', ref: '#/components/schemas/UnitsByQuantity')] public UnitsByQuantity $units,
        #[OA\Property] public string $time_zone,
        #[OA\Property(description: 'ISO 4217; null: sums are said without it.')] public ?string $currency,
        #[OA\Property(description: 'Days of the week for water, Monday is 1; none: nobody is reminded.', type: 'array', items: new OA\Items(type: 'integer'))] public array $change_days,
        #[OA\Property(description: 'Days of the week for measuring; none: any.', type: 'array', items: new OA\Items(type: 'integer'))] public array $measure_days,
    ) {
    }

    public static function from(FacilitySettings $settings): self
    {
        return new self($settings->name, $settings->unit_system, UnitsByQuantity::of($settings->units()), $settings->time_zone, $settings->currency, $settings->rhythm['changes'] ?? [], $settings->rhythm['measures'] ?? []);
    }
}
