<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\FacilitySettings;
use App\Models\Measurement;
use App\Models\Picture;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Throwable;

/** Keeps the files of pictures: a folder each, written whole or not at all. */
final readonly class PictureStore
{
    private const MEGABYTE = 1024 * 1024;

    public function __construct(private string $folder)
    {
    }

    /**
     * @param  array<string, mixed>  $columns  what it is of and when it was taken
     *
     * @throws InvalidEntry when it would be more than the settings allow, or the disk is full
     */
    public function add(PictureSizes $sizes, array $columns): Picture
    {
        $bytes = array_sum(array_map(strlen(...), $sizes->jpegs));
        $this->checkLimit($bytes);
        $picture = Picture::query()->create([...$columns, 'width' => $sizes->width, 'height' => $sizes->height, 'bytes' => $bytes, 'sha256' => $sizes->sha256()]);
        try {
            foreach ($sizes->jpegs as $size => $jpeg) {
                $this->write($this->path($picture, PictureSize::from($size)), $jpeg);
            }
        } catch (Throwable $e) {
            $this->forget($picture->id);
            Log::warning('A picture could not be written', ['reason' => $e->getMessage()]);
            throw ReceivedPicture::refused(Finding::of('picture.disk_full'));
        }

        return $picture;
    }

    public function path(Picture $picture, PictureSize $size): string
    {
        return "{$this->folder}/{$picture->id}/{$size->value}.jpg";
    }

    /** Bytes of all that are kept, those that were taken out too. */
    public static function used(): int
    {
        return (int) DB::table('pictures')->sum('bytes');
    }

    /** Those that were taken out, with their files, for good: they cannot be put back any more. */
    public function erase(): void
    {
        $gone = Picture::onlyTrashed()->get();
        Measurement::withTrashed()->whereIn('picture_id', $gone->modelKeys())->update(['picture_id' => null]);
        $gone->each->forceDelete();
        $gone->each(fn (Picture $picture) => $this->forget($picture->id));
    }

    /** Takes the files of a picture away for good. */
    public function forget(int $id): void
    {
        foreach (PictureSize::cases() as $size) {
            @unlink("{$this->folder}/{$id}/{$size->value}.jpg");
        }
        @rmdir("{$this->folder}/{$id}");
    }

    /** @throws InvalidEntry */
    private function checkLimit(int $bytes): void
    {
        $limit = (int) FacilitySettings::query()->value('picture_limit_mb');
        if (self::used() + $bytes > $limit * self::MEGABYTE) {
            throw ReceivedPicture::refused(Finding::of('picture.limit_reached', most: $limit));
        }
    }

    private function write(string $path, string $bytes): void
    {
        if (! is_dir(dirname($path)) && ! @mkdir(dirname($path), 0700, true)) {
            throw new NotWritten("No folder can be made for {$path}.");
        }
        if (@file_put_contents($path, $bytes) !== strlen($bytes)) {
            throw new NotWritten("Not all of {$path} could be written.");
        }
    }
}
