<?php

declare(strict_types=1);

namespace App\Pictures;

/** The sizes in which a picture is kept. */
enum PictureSize: string
{
    /** In a list. */
    case Thumb = 'thumb';
    /** On a sheet. */
    case Sheet = 'sheet';
    /** As it was taken: lengths are read from it. */
    case Full = 'full';

    /** Of its longer side; null: as it is. */
    public function pixels(): ?int
    {
        return match ($this) {
            self::Thumb => 360,
            self::Sheet => 1400,
            self::Full => null,
        };
    }

    public function quality(): int
    {
        return $this === self::Full ? 88 : 80;
    }
}
