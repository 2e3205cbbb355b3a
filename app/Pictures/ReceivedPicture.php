<?php

declare(strict_types=1);

namespace App\Pictures;

use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** A file that came in, looked at by its bytes: what it is called says nothing. */
final readonly class ReceivedPicture
{
    public const MOST_BYTES = 20 * 1024 * 1024;

    /** What is decoded takes four bytes a pixel: more than any camera takes, and little enough to hold. */
    private const MOST_PIXELS = 52_000_000;

    private const MOST_SIDE = 20_000;

    private const LEAST_SIDE = 16;

    private const READABLE = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /** Of the HEIF family, at byte 4 of the file (ISO/IEC 23008-12). */
    private const HEIC = '/^ftyp(heic|heix|heif|heim|heis|hevc|hevx|mif1|msf1)/';

    private function __construct(
        public string $bytes,
        public int $width,
        public int $height,
    ) {
    }

    /** @throws InvalidEntry naming the field "picture", when it cannot be kept */
    public static function of(string $bytes): self
    {
        if ($bytes === '') {
            throw self::refused(Finding::of('picture.empty'));
        }
        if (strlen($bytes) > self::MOST_BYTES) {
            throw self::refused(Finding::of('picture.too_large', most: intdiv(self::MOST_BYTES, 1024 * 1024)));
        }
        if (preg_match(self::HEIC, substr($bytes, 4, 8)) === 1) {
            throw self::refused(Finding::of('picture.heic'));
        }
        // Reads the head of the file alone: nothing is decoded yet.
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], self::READABLE, true)) {
            throw self::refused(Finding::of('picture.not_readable'));
        }
        [$width, $height] = $size;
        if ($width * $height > self::MOST_PIXELS || max($width, $height) > self::MOST_SIDE) {
            throw self::refused(Finding::of('picture.too_many_pixels', width: $width, height: $height, most: intdiv(self::MOST_PIXELS, 1_000_000)));
        }
        if (min($width, $height) < self::LEAST_SIDE) {
            throw self::refused(Finding::of('picture.too_small', width: $width, height: $height));
        }
        if ($size[2] === IMAGETYPE_JPEG && ! str_contains(substr($bytes, (int) (strlen($bytes) / 2)), "\xFF\xD9")) {
            throw self::refused(Finding::of('picture.cut_off'));
        }

        return new self($bytes, $width, $height);
    }

    public static function refused(Finding $finding): InvalidEntry
    {
        return InvalidEntry::because('picture', $finding);
    }
}
