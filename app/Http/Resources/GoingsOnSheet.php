<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\AggressionBook;
use App\Facility\Broods;
use App\Facility\FacilitySnapshot;
use App\Models\Brood;
use Biomegas\Calendar\LocalDate;
use Biomegas\Company\Aggression\GoingsOn;
use Biomegas\Company\Aggression\Occasion;
use Biomegas\Facility\Equipment\LightState;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What was going on in a system at a time, as far as the log knows it.')]
final readonly class GoingsOnSheet
{
    /** @param  list<Occasion>  $occasions */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Occasion::class))] public array $occasions,
        #[OA\Property(type: 'string', nullable: true, enum: LightState::class, description: 'Null: the time or the lights are not known.')] public ?LightState $light,
        #[OA\Property(nullable: true, description: 'The light in words.')] public ?string $light_words,
    ) {
    }

    public static function from(FacilitySnapshot $kept, int $systemId, LocalDate $day, ?int $minute): self
    {
        $light = $minute === null ? null : $kept->system($systemId)->equipment->light?->stateAt($minute);

        return new self(GoingsOn::on($day, (new AggressionBook($kept))->changes($systemId), Broods::going($systemId)->contains(fn (Brood $brood): bool => $brood->date <= $day->toIso())), $light, $light === null ? null : $kept->says()->label($light));
    }
}
