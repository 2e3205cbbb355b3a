<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Company\Aggression\ChangeKind;
use Biomegas\Company\Aggression\HomeChange;
use Biomegas\Finding\Finding;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A change in a home on a day.')]
final readonly class HomeChangeRow
{
    public function __construct(
        #[OA\Property(type: 'string', enum: ChangeKind::class)] public ChangeKind $kind,
        #[OA\Property] public string $date,
        #[OA\Property] public string $words,
    ) {
    }

    /** @param  array<string, string>  $names  by key */
    public static function from(HomeChange $change, array $names, Messages $says): self
    {
        return new self($change->kind, $change->date->toIso(), match (true) {
            $change->fish !== null => $says->say(Finding::of('company.change', fish: $names[$change->fish], change: $change->kind)),
            $change->intervention !== null => $says->label($change->intervention),
            default => Str::ucfirst($says->label($change->kind)),
        });
    }
}
