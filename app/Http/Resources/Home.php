<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\Keys;
use App\Language\Messages;
use Biomegas\Housing\Rule\TemperatureFit;
use Biomegas\Housing\Size\SizeRule;
use Biomegas\Planning\HomeOutlook;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One home held against one fish alone in it from today on.')]
final readonly class Home
{
    public function __construct(
        #[OA\Property] public int $system_id,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'Greatest length that fits, millimetres.')] public float $limit_mm,
        #[OA\Property(type: 'string', enum: SizeRule::class)] public SizeRule $binding,
        #[OA\Property(description: 'Why a longer fish does not fit.')] public string $reason,
        #[OA\Property] public bool $fits_now,
        #[OA\Property(type: 'string', enum: TemperatureFit::class)] public TemperatureFit $temperature,
        #[OA\Property(ref: '#/components/schemas/Window')] public Window $outgrows,
        #[OA\Property(description: 'Of an unsure fish the species that would outgrow it first.')] public ?string $worst_species,
        #[OA\Property(ref: '#/components/schemas/Window', nullable: true)] public ?Window $worst,
    ) {
    }

    public static function from(HomeOutlook $home, Messages $says): self
    {
        return new self(
            Keys::id($home->system->key),
            $home->system->name,
            round($home->limit->millimetres, 1),
            $home->limit->binding,
            $says->label($home->limit->binding),
            $home->fitsNow,
            $home->temperature,
            Window::from($home->outgrows),
            $home->worst?->species->commonName,
            $home->worst === null ? null : Window::from($home->worst->outgrows),
        );
    }
}
