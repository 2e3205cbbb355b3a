<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Facility\Question;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A question on which keepers disagree.')]
final readonly class School
{
    /** @param  list<SchoolChoice>  $choices */
    public function __construct(
        #[OA\Property(type: 'string', enum: Question::class)] public Question $question,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/SchoolChoice'))] public array $choices,
    ) {
    }
}
