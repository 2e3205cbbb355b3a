<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What comes of a plan that is changed by hand, or under what is supposed. Nothing is written.')]
final readonly class TrialSheet
{
    /**
     * @param  list<string>  $sentences
     * @param  list<string>  $supposed
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Whose days out of rule become more or fewer, how many moves, what must be opened.')] public array $sentences,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'What is supposed.')] public array $supposed,
        #[OA\Property(description: 'Food, water, power and homes until the end of what is looked at, in the facility\'s money; less than nothing: it saves.')] public float $costs_more,
        #[OA\Property(ref: '#/components/schemas/PlanPage')] public PlanPage $page,
    ) {
    }
}
