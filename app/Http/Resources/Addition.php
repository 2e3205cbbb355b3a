<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'All that went into one home in one go and are watched: they are looked at together.')]
final readonly class Addition
{
    /** @param  non-empty-list<WatchSheet>  $watches */
    private function __construct(
        #[OA\Property] public string $home,
        #[OA\Property(description: 'On the clock of the facility.')] public string $began_at,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/WatchSheet'))] public array $watches,
    ) {
    }

    /**
     * @param  list<WatchSheet>  $sheets  by when they began
     * @return list<self>
     */
    public static function group(array $sheets): array
    {
        $together = [];
        foreach ($sheets as $sheet) {
            $together["{$sheet->system_id}@{$sheet->began_at}"][] = $sheet;
        }

        return array_map(fn (array $watches): self => new self($watches[0]->home, $watches[0]->began_at, $watches), array_values($together));
    }
}
