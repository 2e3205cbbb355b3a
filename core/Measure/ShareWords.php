<?php

declare(strict_types=1);

namespace Biomegas\Measure;

/** Shares of a whole as keepers say them: "a third", "40 %". */
final readonly class ShareWords
{
    private const NAMED = ['a twentieth' => 0.05, 'a tenth' => 0.1, 'a fifth' => 0.2, 'a quarter' => 0.25, 'a third' => 1 / 3, 'half' => 0.5, 'two thirds' => 2 / 3, 'three quarters' => 0.75];

    /** A share that must be reached is rounded up to one with a name, if one is near. */
    private const NEAR = 0.045;

    /** Less is not worth measuring out. */
    private const LEAST = 0.05;

    public static function atLeast(float $share): string
    {
        $share = max($share, self::LEAST);
        foreach (self::NAMED as $name => $named) {
            if ($share <= $named + 1e-9 && $share > $named - self::NEAR) {
                return $name;
            }
        }

        return $share > 0.95 ? 'all of it' : ceil(20 * $share) * 5 .' %';
    }
}
