<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Exchange\PackageReader;
use App\Tasks\TaskKind;
use App\Tasks\Tasks;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Data packages: what was made or read last.')]
final readonly class Packages
{
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/TaskRow', nullable: true)] public ?TaskRow $made,
        #[OA\Property(ref: '#/components/schemas/TaskRow', nullable: true)] public ?TaskRow $read,
        #[OA\Property(description: 'The place is empty: a package can be read into it.')] public bool $is_empty,
    ) {
    }

    public static function now(): self
    {
        [$made, $read] = array_map(Tasks::latest(...), [TaskKind::Package, TaskKind::Unpacking]);

        return new self($made === null ? null : TaskRow::from($made), $read === null ? null : TaskRow::from($read), PackageReader::isPlaceEmpty());
    }
}
