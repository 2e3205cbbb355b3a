<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Water\Test\Alarm;
use Biomegas\Water\Test\Quantity;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Something in the water that wants a hand.')]
final readonly class AlarmRow
{
    public function __construct(
        #[OA\Property(type: 'string', enum: Quantity::class)] public Quantity $quantity,
        #[OA\Property] public bool $is_urgent,
        #[OA\Property] public string $sentence,
        #[OA\Property(description: 'The usual thing to do.')] public string $next_step,
    ) {
    }

    public static function from(Alarm $alarm, Messages $says): self
    {
        return new self($alarm->quantity, $alarm->isUrgent, $says->say($alarm->finding), $says->say($alarm->nextStep));
    }
}
