<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Facility\FacilityReader;
use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Models\Picture;
use App\Models\System;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System as Kept;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Picture\LengthInPicture;
use Illuminate\Support\Arr;

/** Reads the lengths that are marked on a picture, with what is known of where it was taken. */
final readonly class PictureReading
{
    private const USUAL_CELSIUS = 24.0;

    public function __construct(private FacilityReader $reader)
    {
    }

    /**
     * @param  array<string, mixed>  $marks
     * @return list<LengthInPicture> one for each fish that is marked
     *
     * @throws InvalidEntry
     */
    public function lengths(Picture $picture, array $marks): array
    {
        $kept = $this->reader->read($picture->fish_id);
        $other = null;
        if ($marks['depth'] === 'twice') {
            $second = Picture::query()->whereKeyNot($picture->id)->whereKey($marks['other'] ?? 0)->first();
            if ($second?->marks === null) {
                throw InvalidEntry::because('other', Finding::of('picture.mark_the_other'));
            }
            $other = $this->marked($kept, $second, $second->marks);
        }

        return $this->marked($kept, $picture, $marks)->lengths($other);
    }

    /** @param  array<string, mixed>  $marks */
    private function marked(FacilitySnapshot $kept, Picture $picture, array $marks): PictureMarks
    {
        $system = self::home($kept, $picture);

        return new PictureMarks($picture, $marks, $system, $system?->likelyCelsius(LocalDate::fromIso($picture->date)) ?? self::USUAL_CELSIUS, $system === null ? null : self::glassOf(Keys::id($system->key)), $kept->units);
    }

    /** As its keeper described it: the core's picture knows the room inside alone. */
    private static function glassOf(int $system): ?float
    {
        $description = System::query()->findOrFail($system)->description;
        $glass = Arr::get($description, 'shape.glass_mm') ?? Arr::get($description, 'pools.0.shape.glass_mm');

        return $glass === null ? null : (float) $glass;
    }

    private static function home(FacilitySnapshot $kept, Picture $picture): ?Kept
    {
        $home = $picture->fish_id === null ? null : $kept->find($picture->fish_id)?->homesOn(LocalDate::fromIso($picture->date))[0] ?? null;
        $id = $picture->system_id ?? ($home === null ? null : Keys::id($home));

        return $id === null ? null : $kept->system($id);
    }
}
