<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilityReader;
use App\Models\FacilitySettings;
use App\Models\User;
use App\Scenario\UsualSpecies;
use Biomegas\Rulebook\Method;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Who is signed in, and where.')]
final readonly class Session
{
    public function __construct(
        #[OA\Property(description: 'False on the first run: create the owner.')] public bool $owner_exists,
        #[OA\Property(ref: '#/components/schemas/Keeper', nullable: true)] public ?Keeper $keeper,
    ) {
    }

    /** @param  FacilitySettings|null  $settings  null: the first run is still to come */
    public static function of(?User $user, ?FacilitySettings $settings): self
    {
        if ($user === null || $settings === null) {
            return new self($settings !== null, null);
        }

        return new self(true, new Keeper(
            $user->id, $user->name, $user->role,
            $settings->name, UnitsByQuantity::of($settings->units()), $settings->currency, $settings->is_demo, FacilityReader::today($settings)->toIso(),
            array_combine(array_column(Method::cases(), 'value'), array_map(fn (Method $method): float => $method->relativeError(), Method::cases())),
            UsualSpecies::values(),
        ));
    }
}
