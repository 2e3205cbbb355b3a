<?php

declare(strict_types=1);

namespace Biomegas\Picture;

/** How well a keeper marks a picture of some width. Judgement, no published source. */
final readonly class Marking
{
    /** Of a mark set with a loupe. */
    private const PIXELS = 2.0;

    /** A picture this wide shows a mark that sharp; a wider one shows it blurred over more. */
    private const SHARP_WIDTH = 2000;

    /** How far off the middle the camera's foot may be, as a share of the width. */
    private const FOOT_SHARE = 0.04;

    /** Standard deviation of a mark, pixels. */
    public static function spread(int $width): float
    {
        return self::PIXELS * max(1.0, $width / self::SHARP_WIDTH);
    }

    /** Standard deviation of the foot where nobody marked it, pixels. */
    public static function footSpread(int $width): float
    {
        return self::FOOT_SHARE * $width;
    }
}
