<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\KeptFacility;
use App\Facility\Keys;
use Biomegas\Calendar\LocalDate;
use Biomegas\Planning\UpgradesAhead;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The round: systems in walking order, what is due there, and the upgrades ahead.')]
final readonly class Today
{
    /**
     * @param  list<SystemSheet>  $systems
     * @param  list<int>  $measure
     * @param  list<int>  $upgrades
     * @param  list<FallbackWanted>  $fallbacks
     */
    public function __construct(
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/SystemSheet'))] public array $systems,
        #[OA\Property(description: 'Fish to be measured by today, in walking order.', type: 'array', items: new OA\Items(type: 'integer'))] public array $measure,
        #[OA\Property(description: 'Fish that outgrow their homes within the horizon, soonest first.', type: 'array', items: new OA\Items(type: 'integer'))] public array $upgrades,
        #[OA\Property(description: 'Fish that need a place to go to if they cannot stay.', type: 'array', items: new OA\Items(ref: '#/components/schemas/FallbackWanted'))] public array $fallbacks,
    ) {
    }

    public static function from(KeptFacility $kept): self
    {
        $systems = SystemSheet::all($kept);

        return new self(
            $kept->facility->date->toIso(),
            $systems,
            self::due($systems, $kept->facility->date),
            array_map(Keys::id(...), UpgradesAhead::among(array_map($kept->brief(...), $kept->facility->fish))),
            FallbackWanted::all($kept),
        );
    }

    /**
     * @param  list<SystemSheet>  $systems
     * @return list<int>
     */
    private static function due(array $systems, LocalDate $today): array
    {
        $due = [];
        foreach ($systems as $system) {
            foreach ($system->fish as $fish) {
                if (! LocalDate::fromIso($fish->measure_on)->isAfter($today)) {
                    $due[] = $fish->id;
                }
            }
        }

        return $due;
    }
}
