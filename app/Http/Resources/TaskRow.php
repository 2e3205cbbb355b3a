<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Task;
use App\Tasks\TaskKind;
use App\Tasks\TaskState;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Something that takes long and is done aside.')]
final readonly class TaskRow
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(type: 'string', enum: TaskKind::class)] public TaskKind $kind,
        #[OA\Property(type: 'string', enum: TaskState::class)] public TaskState $state,
        #[OA\Property(description: 'How much of it is done, 0 to 1.')] public float $share,
        #[OA\Property(description: 'Why it failed.')] public ?string $problem,
        #[OA\Property(format: 'date-time')] public string $begun_at,
    ) {
    }

    public static function from(Task $task): self
    {
        return new self($task->id, $task->kind, $task->state, $task->share, $task->problem, $task->created_at->toIso8601ZuluString());
    }
}
