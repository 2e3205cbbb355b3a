<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\Keys;
use Biomegas\Company\Rank\RatedDay;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How the rating of one moved over the last year.')]
final readonly class RatingSeries
{
    /**
     * @param  list<string>  $dates
     * @param  list<float>  $ratings
     */
    public function __construct(
        #[OA\Property] public int $fish_id,
        #[OA\Property] public string $name,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $dates,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $ratings,
    ) {
    }

    /**
     * @param  list<RatedDay>  $days
     * @param  array<string, string>  $names  by key
     * @param  list<string>  $residents  keys
     * @return list<self> of residents that met somebody
     */
    public static function all(array $days, array $names, array $residents): array
    {
        $series = [];
        foreach ($residents as $key) {
            $rated = array_values(array_filter($days, fn (RatedDay $day): bool => isset($day->ratings[$key])));
            if ($rated !== []) {
                $series[] = new self(Keys::id($key), $names[$key], array_map(fn (RatedDay $day): string => $day->date->toIso(), $rated), array_map(fn (RatedDay $day): float => round($day->ratings[$key]), $rated));
            }
        }

        return $series;
    }
}
