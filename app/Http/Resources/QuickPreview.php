<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\QuickEntry\QuickKind;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What a line would write down.')]
final readonly class QuickPreview
{
    /**
     * @param  list<string>  $doubts
     * @param  list<string>  $instead
     */
    public function __construct(
        #[OA\Property(type: 'string', enum: QuickKind::class, nullable: true, description: 'What it writes down, or most likely would; null: nothing in it tells.')] public ?string $kind,
        #[OA\Property(description: 'As the log will tell it; null: it cannot be written down like this.')] public ?string $says,
        #[OA\Property(description: 'What stands against it, or why it cannot be read.', type: 'array', items: new OA\Items(type: 'string'))] public array $doubts,
        #[OA\Property(description: 'It is unlikely, and can be written down all the same.')] public bool $is_doubtful,
        #[OA\Property(description: 'The line with a name near to what was typed, where that is nobody.', type: 'array', items: new OA\Items(type: 'string'))] public array $instead,
        #[OA\Property(description: 'Whose sheet is nearest.')] public ?int $fish_id,
        #[OA\Property] public ?int $system_id,
    ) {
    }
}
