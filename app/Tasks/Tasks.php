<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Jobs\RunTask;
use App\Models\Task;

/** Begins what takes long, one of a kind at a time. */
final readonly class Tasks
{
    /** On something that there are several of: whatever else is under way. */
    public static function beginOn(TaskKind $kind, ?int $user, string $file): Task
    {
        Task::query()->whereNotIn('id', Task::query()->latest('id')->limit(Task::MOST - 1)->select('id'))->delete();
        $task = Task::query()->create(['kind' => $kind, 'user_id' => $user, 'file' => $file]);
        RunTask::dispatch($task->id);

        return $task->refresh();
    }

    /** @param  string  $file  with or without a mark behind it */
    public static function latestOn(TaskKind $kind, string $file): ?Task
    {
        return Task::query()->where('kind', $kind)->whereIn('file', [$file, "{$file}+"])->latest('id')->first();
    }

    /** What was begun before and is still under way is the answer to whoever asks again. */
    public static function begin(TaskKind $kind, ?int $user, ?string $file = null): Task
    {
        return self::underWay($kind) ?? self::beginOn($kind, $user, (string) $file);
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
