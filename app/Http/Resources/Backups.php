<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Backup\Backup;
use App\Backup\BackupFolder;
use App\Tasks\TaskKind;
use App\Tasks\Tasks;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The backups that there are.')]
final readonly class Backups
{
    /** @param  list<BackupRow>  $backups */
    public function __construct(
        #[OA\Property(description: 'The newest first.', type: 'array', items: new OA\Items(ref: BackupRow::class))] public array $backups,
        #[OA\Property(description: 'There is none, or none of the last week.')] public bool $is_old,
        #[OA\Property(description: 'Where they lie.')] public string $folder,
        #[OA\Property(description: 'How many of the latest are kept.')] public int $nights,
        #[OA\Property(description: 'For how many months the first of each is kept.')] public int $months,
        #[OA\Property(description: 'When the nightly one is made, on the clock of the place.')] public string $at,
        #[OA\Property(description: 'The one that is being made, or was asked for last.', ref: '#/components/schemas/TaskRow', nullable: true)] public ?TaskRow $task,
    ) {
    }

    public static function all(): self
    {
        $folder = BackupFolder::configured();
        $all = $folder->all();
        $task = Tasks::latest(TaskKind::Backup);

        return new self(
            array_map(fn (Backup $one): BackupRow => new BackupRow($one->name, $one->madeAt->toIso8601ZuluString(), $one->bytes), $all),
            ! isset($all[0]) || $all[0]->isOld(), $folder->folder, config('backup.nights'), config('backup.months'), config('backup.at'), $task === null ? null : TaskRow::from($task),
        );
    }
}
