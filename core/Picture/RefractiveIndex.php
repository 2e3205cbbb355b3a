<?php

declare(strict_types=1);

namespace Biomegas\Picture;

/** How strongly light bends, at 589 nm, the yellow line of sodium by which indices are stated. */
final readonly class RefractiveIndex
{
    /** Of float glass and acrylic alike: 1.52 and 1.49 differ by less than anybody marks. */
    public const GLASS = 1.52;

    private const NANOMETRES = 589.0;

    /**
     * Of water: X. Quan and E. S. Fry, Applied Optics 34 (1995) 3477, equation 3; for 0 to 30 °C and 0 to 35 ppt.
     *
     * @param  float  $celsius  temperature
     * @param  float  $ppt  salinity, parts per thousand
     */
    public static function ofWater(float $celsius, float $ppt = 0.0): float
    {
        $nm = self::NANOMETRES;

        return 1.31405
            + (1.779e-4 - 1.05e-6 * $celsius + 1.6e-8 * $celsius ** 2) * $ppt
            - 2.02e-6 * $celsius ** 2
            + (15.868 + 0.01155 * $ppt - 0.00423 * $celsius) / $nm
            - 4382 / $nm ** 2
            + 1.1455e6 / $nm ** 3;
    }
}
