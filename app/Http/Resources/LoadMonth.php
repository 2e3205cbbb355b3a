<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Calendar\LocalDate;
use Biomegas\Water\Load\SystemLoad;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The load of one day.')]
final readonly class LoadMonth
{
    public function __construct(
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(description: 'Of all fish.')] public float $mass_g,
        #[OA\Property(description: 'Dry food a day.')] public float $feed_g,
        #[OA\Property(description: 'Nitrogen made as ammonia a day.')] public float $ammonia_g,
        #[OA\Property(description: 'Of what the filter carries; above 1 it is too small. Null: not known.')] public ?float $filter_share,
        #[OA\Property(description: 'Least share of the water to change each week.')] public float $weekly_change_least,
    ) {
    }

    public static function from(LocalDate $date, SystemLoad $load, float $yield): self
    {
        return new self(
            $date->toIso(),
            round($load->mass),
            round($load->feed, 2),
            round($load->ammonia, 3),
            $load->filterShare() === null ? null : round($load->filterShare(), 3),
            round($load->leastWeeklyChange($yield), 3),
        );
    }
}
