<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\Contests;
use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use Biomegas\Company\Rank\PeckingOrder;
use Biomegas\Company\Rank\Standing;
use Biomegas\Facility\System;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Who stands above whom among those who live together.')]
final readonly class RankSheet
{
    /** @param  list<StandingRow>  $standings */
    public function __construct(
        #[OA\Property] public string $sentence,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/StandingRow'), description: 'The highest first.')] public array $standings,
    ) {
    }

    /** Null when no contest was seen. */
    public static function from(FacilitySnapshot $kept, System $system): ?self
    {
        $order = PeckingOrder::of(Contests::in($kept, $system));
        $names = Contests::names($kept, $system);
        $said = $kept->says()->sayIf($order->finding($names));

        return $said === null ? null : new self($said, array_map(
            fn (Standing $standing): StandingRow => new StandingRow(Keys::id($standing->key), $names[$standing->key], round($standing->score, 2), $standing->won, $standing->lost, round($standing->first, 3)),
            $order->standings,
        ));
    }
}
