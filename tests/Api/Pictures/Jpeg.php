<?php

declare(strict_types=1);

namespace Tests\Api\Pictures;

use GdImage;

/** JPEG files as cameras write them, with an Exif segment made by hand (CIPA DC-008). */
final class Jpeg
{
    private const SHORT = 3;

    private const ASCII = 2;

    private const LONG = 4;

    private const RATIONAL = 5;

    public static function of(GdImage $image, int $orientation = 1, ?string $takenAt = null, ?int $latitude = null): string
    {
        ob_start();
        imagejpeg($image, null, 90);
        $jpeg = (string) ob_get_clean();
        $exif = self::exif($orientation, $takenAt, $latitude);

        return "\xFF\xD8\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
    }

    /** The head of a picture that says it is larger than it is. */
    public static function claiming(int $width, int $height): string
    {
        return "\xFF\xD8\xFF\xE0\0\x10JFIF\0\x01\x01\0\0\x01\0\x01\0\0\xFF\xC0\0\x11\x08".pack('nn', $height, $width)."\x03\x01\x22\0\x02\x11\x01\x03\x11\x01".str_repeat("\0", 200)."\xFF\xD9";
    }

    private static function exif(int $orientation, ?string $takenAt, ?int $latitude): string
    {
        // Where the two further directories stand: behind the first, which has three entries.
        $first = 8 + 2 + 3 * 12 + 4;
        $exifSize = 2 + 12 + 4 + 20;
        $moment = ($takenAt ?? '1999:01:01 00:00:00')."\0";
        $main = pack('v', 3)
            .self::entry(0x0112, self::SHORT, 1, pack('vv', $orientation, 0))
            .self::entry(0x8769, self::LONG, 1, pack('V', $first))
            .self::entry(0x8825, self::LONG, 1, pack('V', $first + $exifSize))
            .pack('V', 0);
        $exif = pack('v', 1).self::entry(0x9003, self::ASCII, 20, pack('V', $first + 2 + 12 + 4)).pack('V', 0).$moment;
        $gps = pack('v', 2)
            .self::entry(0x0001, self::ASCII, 2, "N\0\0\0")
            .self::entry(0x0002, self::RATIONAL, 3, pack('V', $first + $exifSize + 2 + 24 + 4))
            .pack('V', 0).pack('VVVVVV', $latitude ?? 0, 1, 0, 1, 0, 1);

        return "Exif\0\0II\x2A\0\x08\0\0\0".$main.$exif.$gps;
    }

    private static function entry(int $tag, int $type, int $count, string $value): string
    {
        return pack('vvV', $tag, $type, $count).str_pad($value, 4, "\0");
    }
}
