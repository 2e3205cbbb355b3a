<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Calendar\LocalDate;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How much was written of one week.')]
final readonly class LogWeek
{
    public function __construct(
        #[OA\Property(format: 'date')] public string $monday,
        #[OA\Property] public int $entries,
        #[OA\Property(description: 'Losses and incidents among them.')] public int $bad,
    ) {
    }

    /**
     * @param  list<array{LocalDate, int, int}>  $weeks
     * @return list<self>
     */
    public static function all(array $weeks): array
    {
        return array_map(fn (array $week): self => new self($week[0]->toIso(), $week[1], $week[2]), $weeks);
    }
}
