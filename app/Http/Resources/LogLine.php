<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Company\Act;
use Biomegas\Company\Harm;
use Biomegas\Facility\Sex;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One entry of the log about a fish. Which members are set depends on the type.')]
final readonly class LogLine
{
    public function __construct(
        #[OA\Property(type: 'string', enum: LogType::class)] public LogType $type,
        #[OA\Property] public int $id,
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(description: 'The other fish of an incident, a parting or a joining; of a loss who ate it, or who was eaten.')] public ?string $other = null,
        #[OA\Property(description: 'True when the fish of this sheet did it: attacked, was parted, joined, ate.')] public ?bool $is_actor = null,
        #[OA\Property(type: 'string', enum: Act::class, nullable: true)] public ?Act $act = null,
        #[OA\Property(type: 'string', enum: Harm::class, nullable: true)] public ?Harm $harm = null,
        #[OA\Property(description: 'HH:MM; of a change, when it was written down.')] public ?string $time = null,
        #[OA\Property(description: 'Kind of a loss or count.')] public ?string $kind = null,
        #[OA\Property] public ?int $count = null,
        #[OA\Property] public ?string $cause = null,
        #[OA\Property(description: 'Of a loss: whom it took, where that is known.', type: 'string', enum: Sex::class, nullable: true)] public ?Sex $sex = null,
        #[OA\Property(description: 'Of a make-up.')] public ?int $males = null,
        #[OA\Property(description: 'Of a make-up.')] public ?int $females = null,
        #[OA\Property(description: 'What was before a move or change: a home, kind, other species, sex, day, adult length in mm or ration; null: nothing was stated. Of a loss: when it was last seen.')] public ?string $from = null,
        #[OA\Property(description: 'What is after it.')] public ?string $to = null,
        #[OA\Property(description: 'Of a loss: what was learnt.')] public ?string $lesson = null,
    ) {
    }
}
