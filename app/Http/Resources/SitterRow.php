<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\RoundTick;
use App\Models\Sitter;
use Biomegas\Calendar\LocalDate;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Somebody who looks after the fish for some days.')]
final readonly class SitterRow
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(format: 'date')] public string $from,
        #[OA\Property(format: 'date')] public string $until,
        #[OA\Property(description: 'Whom to call.')] public string $call,
        #[OA\Property(description: 'The link opens nothing: its days are over, or it was taken back.')] public bool $is_over,
        #[OA\Property(description: 'The link was taken back.')] public bool $is_taken_back,
        #[OA\Property(description: 'When the page was opened last; null: never.', format: 'date-time')] public ?string $seen_at,
        #[OA\Property(description: 'How much was ticked.')] public int $ticks,
    ) {
    }

    public static function from(Sitter $sitter, LocalDate $today): self
    {
        return new self(
            $sitter->id, $sitter->name, $sitter->from, $sitter->until, $sitter->call, $sitter->isOver($today), $sitter->revoked_at !== null,
            $sitter->seen_at?->toIso8601ZuluString(), RoundTick::query()->where('sitter_id', $sitter->id)->count(),
        );
    }
}
