<?php

declare(strict_types=1);

namespace Biomegas\Facility\Shape;

use Biomegas\Facility\Description\ImpossiblePicture;

/** The two parts of a pool on either side of a divider that stands across it. */
final readonly class Half
{
    /** A part narrower than this is no home, millimetres. */
    private const NARROWEST = 10.0;

    /**
     * @param  float  $at  millimetres from the left
     * @return array{Shape, Shape} left and right
     *
     * @throws ImpossiblePicture when the divider stands outside
     */
    public static function both(Shape $whole, float $at): array
    {
        $outline = $whole->outline();
        $right = max([0.0, ...array_column($outline, 0)]);
        if ($at < self::NARROWEST || $at > $right - self::NARROWEST) {
            throw ImpossiblePicture::becauseTheDividerStandsOutside($right);
        }

        return [
            Outline::inside(self::cut($outline, fn (float $x): float => $at - $x), $whole->depth()),
            Outline::inside(self::cut($outline, fn (float $x): float => $x - $at), $whole->depth()),
        ];
    }

    /**
     * Sutherland & Hodgman (1974): what of a polygon lies on the near side of an upright line.
     *
     * @param  list<array{float, float}>  $outline
     * @param  callable(float): float  $inside  above zero on the near side
     * @return list<array{float, float}>
     */
    private static function cut(array $outline, callable $inside): array
    {
        $kept = [];
        foreach ($outline as $i => [$x, $y]) {
            [$nextX, $nextY] = $outline[($i + 1) % count($outline)];
            [$here, $there] = [$inside($x), $inside($nextX)];
            if ($here >= 0.0) {
                $kept[] = [$x, $y];
            }
            if ($here * $there < 0.0) {
                $share = $here / ($here - $there);
                $kept[] = [$x + $share * ($nextX - $x), $y + $share * ($nextY - $y)];
            }
        }

        return $kept;
    }
}
