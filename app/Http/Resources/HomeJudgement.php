<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Housing\Verdict\Verdict;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'All rules of housing held against one fish in one home today, with those who live there.')]
final readonly class HomeJudgement
{
    /** @param  list<RuleVerdict>  $verdicts */
    public function __construct(
        #[OA\Property] public int $system_id,
        #[OA\Property] public bool $passes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/RuleVerdict'))] public array $verdicts,
    ) {
    }

    /** @return list<self> of every system, in walking order */
    public static function all(FacilitySnapshot $kept, Fish $fish): array
    {
        return array_values(array_map(function (System $system) use ($kept, $fish): self {
            $judgement = $kept->judgement($fish, $system);

            return new self(Keys::id($system->key), $judgement->passes(), array_map(fn (Verdict $verdict): RuleVerdict => RuleVerdict::from($verdict, $kept->says()), $judgement->verdicts));
        }, $kept->facility->systems));
    }
}
