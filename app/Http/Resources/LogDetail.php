<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Http\Corrections\EntryField;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One entry of the log with what can be done about it, and how it stood before.')]
final readonly class LogDetail
{
    public function __construct(
        #[OA\Property] public LogLine $line,
        #[OA\Property(description: 'To be sent back with a correction.')] public int $version,
        /** @var list<EntryField> */
        #[OA\Property(description: 'None: there is nothing to correct.', type: 'array', items: new OA\Items(ref: EntryField::class))] public array $fields,
        #[OA\Property(description: 'It can be taken out; of a change: put back as it was.')] public bool $can_remove,
        /** @var list<string> */
        #[OA\Property(description: 'What else changes then.', type: 'array', items: new OA\Items(type: 'string'))] public array $consequences,
        #[OA\Property(description: 'Why it cannot be taken out as things stand; null: it can.')] public ?string $refusal,
        #[OA\Property] public bool $can_restore,
        /** @var list<LogVersion> */
        #[OA\Property(description: 'The present one first.', type: 'array', items: new OA\Items(ref: LogVersion::class))] public array $history,
    ) {
    }
}
