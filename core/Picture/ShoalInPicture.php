<?php

declare(strict_types=1);

namespace Biomegas\Picture;

use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** Some of a shoal, marked in one picture: at least so many are there, and this is how long they are. */
final readonly class ShoalInPicture
{
    private function __construct(
        public int $atLeast,
        public float $meanMm,
        /** Standard deviation between them, with what misreading adds taken off; millimetres. */
        public float $spreadMm,
        /** Relative standard error of one reading. */
        public float $error,
    ) {
    }

    /**
     * @param  non-empty-list<LengthInPicture>  $lengths  of different fish
     *
     * @throws InvalidEntry when there is one alone
     */
    public static function of(array $lengths): self
    {
        $n = count($lengths);
        if ($n < 2) {
            throw InvalidEntry::because('lines', Finding::of('picture.mark_more'));
        }
        $mean = array_sum(array_map(fn (LengthInPicture $one): float => $one->mm, $lengths)) / $n;
        $between = array_sum(array_map(fn (LengthInPicture $one): float => ($one->mm - $mean) ** 2, $lengths)) / ($n - 1);
        $error = sqrt(array_sum(array_map(fn (LengthInPicture $one): float => $one->error ** 2, $lengths)) / $n);

        return new self($n, $mean, sqrt(max(0.0, $between - ($error * $mean) ** 2)), $error);
    }
}
