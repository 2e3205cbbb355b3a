<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Closure;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The length on a day ahead at the quantiles 10, 20 … 90 %, millimetres.')]
final readonly class AheadLength
{
    /** Half a month apart, so that winters show. */
    private const STEP_DAYS = 15;

    /** @param  list<float>  $quantiles_mm */
    public function __construct(
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), minItems: 9, maxItems: 9)] public array $quantiles_mm,
    ) {
    }

    /**
     * @param  Closure(LocalDate): list<float>  $quantilesOn  millimetres at the drawn quantiles
     * @return list<self> from today until the horizon
     */
    public static function series(Facility $facility, Closure $quantilesOn): array
    {
        $series = [];
        for ($day = 0; $day <= $facility->horizonDays; $day += self::STEP_DAYS) {
            $date = $facility->date->plusDays($day);
            $series[] = new self($date->toIso(), array_map(fn (float $mm): float => round($mm, 1), $quantilesOn($date)));
        }

        return $series;
    }
}
