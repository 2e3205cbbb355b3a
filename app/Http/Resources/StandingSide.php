<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Planning\Change\Standing;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How a system stands: one side of before and after.')]
final readonly class StandingSide
{
    /** @param  list<string>  $objections */
    public function __construct(
        #[OA\Property] public float $mass_g,
        #[OA\Property(description: 'Dry food a day.')] public float $feed_g,
        #[OA\Property(description: 'Nitrogen made as ammonia a day.')] public float $ammonia_g,
        #[OA\Property(description: 'Share of the floor needed in the fullest layer.')] public float $floor,
        #[OA\Property(description: 'Of the bottom.')] public float $bottom,
        #[OA\Property(description: 'Of the middle.')] public float $middle,
        #[OA\Property(description: 'Of the top.')] public float $top,
        #[OA\Property(description: 'Of what the filter carries; above 1 it is too small. Null: not known.')] public ?float $filter_share,
        #[OA\Property(description: 'Times an hour; null: not known.')] public ?float $turnover,
        #[OA\Property] public float $turnover_least,
        #[OA\Property(description: 'Share of the water changed each week.')] public float $weekly_change,
        #[OA\Property] public float $weekly_change_least,
        #[OA\Property(description: 'Where nitrate tends to before a change, mg/l.')] public float $nitrate_peak,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'A sentence for each that does not fit.')] public array $objections,
    ) {
    }

    public static function from(Standing $side, float $yield, Messages $says): self
    {
        $load = $side->load;

        return new self(
            round($load->mass), round($load->feed, 2), round($load->ammonia, 3), round($side->floor, 3),
            round($side->layers['bottom'], 3), round($side->layers['middle'], 3), round($side->layers['top'], 3),
            $load->filterShare() === null ? null : round($load->filterShare(), 3),
            $side->turnover === null ? null : round($side->turnover, 2), $side->turnoverNeed->least,
            round($load->nitrate->share, 3), round($load->leastWeeklyChange($yield), 3), round($load->nitrateYielding($yield)->peak(), 1),
            $says->sayEach($side->objections),
        );
    }
}
