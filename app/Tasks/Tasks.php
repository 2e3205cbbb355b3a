<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Jobs\RunTask;
use App\Models\Task;

/** Begins what takes long, one of a kind at a time. */
final readonly class Tasks
{
    /** What was begun before and is still under way is the answer to whoever asks again. */
    public static function begin(TaskKind $kind, ?int $user, ?string $file = null): Task
    {
        $task = self::underWay($kind);
        if ($task === null) {
            Task::query()->whereNotIn('id', Task::query()->latest('id')->limit(Task::MOST - 1)->select('id'))->delete();
            $task = Task::query()->create(['kind' => $kind, 'user_id' => $user, 'file' => $file]);
            RunTask::dispatch($task->id);
        }

        return $task->refresh();
    }

    public static function underWay(TaskKind $kind): ?Task
    {
        return Task::query()->where('kind', $kind)->whereIn('state', [TaskState::Waiting, TaskState::Running])->latest('id')->first();
    }

    public static function latest(TaskKind $kind): ?Task
    {
        return Task::query()->where('kind', $kind)->latest('id')->first();
    }
}
