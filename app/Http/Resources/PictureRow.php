<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\TenthMm;
use App\Log\LogKind;
use App\Models\Measurement;
use App\Models\Picture;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A picture; its sizes are under /api/v1/pictures/{picture}/{thumb, sheet or full}.')]
final readonly class PictureRow
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(nullable: true)] public ?int $fish_id,
        #[OA\Property(nullable: true)] public ?int $system_id,
        #[OA\Property(description: 'With which entry it goes; null: it is one itself.', type: 'string', enum: LogKind::class, nullable: true)] public ?LogKind $entry_kind,
        #[OA\Property(nullable: true)] public ?int $entry_id,
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(description: 'HH:MM', nullable: true)] public ?string $time,
        #[OA\Property(description: 'Pixels.')] public int $width,
        #[OA\Property] public int $height,
        #[OA\Property(description: 'On the disk.')] public int $bytes,
        #[OA\Property(nullable: true)] public ?string $note,
        #[OA\Property(description: 'What is marked on it.', type: 'object', nullable: true)] public ?object $marks,
        #[OA\Property(description: 'Of the fish, read from it and written down; null: none was.', nullable: true)] public ?float $length_mm,
    ) {
    }

    /**
     * @param  iterable<Picture>  $pictures
     * @return list<self>
     */
    public static function all(iterable $pictures): array
    {
        $pictures = collect($pictures);
        $lengths = Measurement::query()->whereIn('picture_id', $pictures->pluck('id'))->orderBy('id')->get(['picture_id', 'length_tenth_mm'])->pluck('length_tenth_mm', 'picture_id');

        return array_values($pictures->map(fn (Picture $picture): self => self::from($picture, isset($lengths[$picture->id]) ? (float) TenthMm::toMm($lengths[$picture->id]) : null))->all());
    }

    private static function from(Picture $picture, ?float $lengthMm): self
    {
        return new self(
            $picture->id, $picture->fish_id, $picture->system_id, LogKind::tryFrom((string) $picture->entry_kind), $picture->entry_id,
            $picture->date, $picture->time === null ? null : substr($picture->time, 0, 5), $picture->width, $picture->height, $picture->bytes, $picture->note,
            $picture->marks === null ? null : (object) $picture->marks, $lengthMm,
        );
    }
}
