<?php

declare(strict_types=1);

namespace App\Facility;

use Biomegas\Facility\Background;

/** What the screens need to know of a fish besides the core's picture of it. */
final readonly class FishSnapshot
{
    public function __construct(
        public int $id,
        /** Its colour and mark, 0 to 7. */
        public int $band,
        /** Which outline of the drawing kit looks like its species. */
        public string $form,
        /** How many are there today; zero when it is gone. */
        public int $present,
        /** How many there were when it came. */
        public int $arrived,
        /** What a keeper should know of its species. */
        public Background $background,
    ) {
    }
}
