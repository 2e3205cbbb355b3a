<?php

declare(strict_types=1);

namespace App\Backup;

use Carbon\CarbonImmutable;

/** One backup as it lies in its folder. */
final readonly class Backup
{
    public function __construct(
        public string $name,
        public string $path,
        public CarbonImmutable $madeAt,
        public int $bytes,
    ) {
    }

    public function isOld(): bool
    {
        return $this->madeAt->addDays(BackupFolder::OLD_DAYS)->isPast();
    }
}
