<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What was paid in a year, by kind; food as it was bought.')]
final readonly class PaidYear
{
    /** @param  list<array{kind: string, sum: float}>  $kinds */
    private function __construct(
        #[OA\Property] public int $year,
        #[OA\Property] public float $whole,
        #[OA\Property(type: 'array', items: new OA\Items(required: ['kind', 'sum'], properties: [new OA\Property(property: 'kind', type: 'string'), new OA\Property(property: 'sum', type: 'number')], type: 'object'))] public array $kinds,
    ) {
    }

    /** @param  array<string, float>  $sums  by kind */
    public static function from(int $year, array $sums): self
    {
        $kinds = [];
        foreach ($sums as $kind => $sum) {
            $kinds[] = ['kind' => $kind, 'sum' => round($sum, 2)];
        }

        return new self($year, round(array_sum($sums), 2), $kinds);
    }
}
