<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Backup\BackupWriter;
use App\Exchange\ExportFolder;
use App\Exchange\PackageReader;
use App\Exchange\PackageWriter;
use App\Import\Entries\EntryImport;
use App\Language\Messages;
use App\Models\Import;
use App\Models\Task;
use App\Tasks\Progress;
use App\Tasks\Stopped;
use App\Tasks\TaskKind;
use App\Tasks\TaskState;
use Biomegas\Finding\Finding;
use Biomegas\Finding\Refusal;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Throwable;

/** Does what takes long, tells how far it is, and stops when it is asked to. A worker that was killed leaves it to the next. */
final class RunTask implements ShouldQueue
{
    use Queueable;

    public int $tries = 2;

    /** Hours for a million rows on a slow disk are too many; an hour is not. */
    public int $timeout = 3600;

    public function __construct(private readonly int $task)
    {
        $this->afterCommit();
    }

    public function handle(): void
    {
        $task = Task::query()->find($this->task);
        if ($task === null || ! $task->state->isUnderWay()) {
            return;
        }
        $task->update(['state' => TaskState::Running]);
        try {
            $file = $this->run($task);
            $task->update(['state' => TaskState::Done, 'share' => 1, 'file' => $file]);
        } catch (Stopped) {
            $task->update(['state' => TaskState::Stopped]);
        } catch (Refusal $refusal) {
            $task->update(['state' => TaskState::Failed, 'problem' => Messages::ofFacility()->say($refusal->finding())]);
        } catch (Throwable $e) {
            Log::error("A task failed: {$task->kind->value}", ['reason' => $e->getMessage(), 'at' => $e->getFile().':'.$e->getLine()]);
            $task->update(['state' => TaskState::Failed, 'problem' => Messages::ofFacility()->say(Finding::of('task.failed', reason: $e->getMessage()))]);
        }
    }

    /** The worker gave up, or was killed twice over it. */
    public function failed(?Throwable $because): void
    {
        Task::query()->whereKey($this->task)->update(['state' => TaskState::Failed, 'problem' => Messages::ofFacility()->say(Finding::of('task.given_up'))]);
    }

    /** @return string|null the name of what it made */
    private function run(Task $task): ?string
    {
        $live = DB::connection();
        $progress = new Progress(
            function (float $share) use ($task, $live): void {
                $live->table('tasks')->where('id', $task->id)->update(['share' => $share]);
            },
            fn (): bool => (bool) $live->table('tasks')->where('id', $task->id)->value('is_stop_asked'),
        );

        return match ($task->kind) {
            TaskKind::Backup => BackupWriter::configured()->make($progress)->name,
            TaskKind::Package => basename(PackageWriter::configured()->write(ExportFolder::configured()->next(), $progress)),
            TaskKind::Unpacking => $this->unpack($task, $progress),
            TaskKind::Reading, TaskKind::Writing => $this->import($task, $progress),
        };
    }

    /** The number of an import, with "+" behind it when doubtful rows are wanted. */
    private function import(Task $task, Progress $progress): ?string
    {
        $import = Import::query()->find((int) $task->file);
        $work = app(EntryImport::class);
        if ($import !== null) {
            $task->kind === TaskKind::Reading ? $work->read($import, $progress) : $work->write($import, str_ends_with((string) $task->file, '+'), $progress);
        }

        return $task->file;
    }

    private function unpack(Task $task, Progress $progress): null
    {
        $file = ExportFolder::configured()->path((string) $task->file);
        try {
            PackageReader::configured()->read($file, $progress);
        } finally {
            @unlink($file);
        }

        return null;
    }
}
