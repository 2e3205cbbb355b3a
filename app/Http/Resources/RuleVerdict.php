<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Verdict;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What one rule of housing says of a home.')]
final readonly class RuleVerdict
{
    public function __construct(
        #[OA\Property(type: 'string', enum: HousingRule::class)] public HousingRule $rule,
        #[OA\Property] public bool $passes,
        #[OA\Property(description: 'A failing one is advice: it refuses nothing.')] public bool $is_advice,
        #[OA\Property] public string $sentence,
        #[OA\Property(description: 'The nearest change that would make it pass.')] public ?string $change,
        #[OA\Property(description: 'The reason for which the keeper has set it aside here.')] public ?string $set_aside,
    ) {
    }

    public static function from(Verdict $verdict, Messages $says): self
    {
        return new self($verdict->rule, $verdict->passes, $verdict->rule->isAdvice(), $says->say($verdict->finding), $says->sayIf($verdict->change), $verdict->setAside);
    }
}
