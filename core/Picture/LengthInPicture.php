<?php

declare(strict_types=1);

namespace Biomegas\Picture;

use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Numerics\StandardNormal;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The length of a fish read from a picture, with its own error. What is not
 * known exactly is drawn again and again: the middle of the lengths that come
 * out is the length, eight in ten of them the band.
 */
final readonly class LengthInPicture
{
    /** Enough that the band is steady to a twentieth of its width. */
    private const DRAWS = 800;

    private const SEED = 1871;

    /** Beyond this slant a pane shows more of its own faults than of the fish. */
    private const MOST_SLANT = 60.0;

    /** A fish that stands more askew shows its head, not its side. */
    private const MOST_DEGREES = 75.0;

    private const STEP = 1e-3;

    /** Of an improvement that is worth saying: so much of the error is left. */
    private const WORTH_SAYING = 0.85;

    /**
     * @param  list<ErrorShare>  $causes  the largest first
     * @param  Sharpening|null  $sharpening  what would help most; null: nothing by much
     */
    private function __construct(
        public float $mm,
        /** Relative standard error. */
        public float $error,
        /** Eight in ten such fish are at least as long, and at most so long. */
        public float $lowMm,
        public float $highMm,
        public array $causes,
        public ?Sharpening $sharpening,
    ) {
    }

    /**
     * @param  list<Point>  $line  along the back, from the snout to the end of the tail
     * @param  float  $room  from the pane to the wall behind, or the depth of the water
     *
     * @throws InvalidEntry when nothing can be read from it
     */
    public static function of(View $view, array $line, FishDepth $depth, Heading $heading, float $room): self
    {
        self::check($view, $line);
        $draws = self::draws($view, $line, $depth, $heading);
        $error = self::errorOf($draws);
        $causes = self::causes($view, $line, $depth, $heading);

        return new self(self::quantile($draws, 0.5), $error, self::quantile($draws, 0.1), self::quantile($draws, 0.9), $causes, self::sharpening($error, $causes, $view, $depth, $heading, $room));
    }

    /** @param  list<Point>  $line */
    private static function check(View $view, array $line): void
    {
        if (count($line) < 2) {
            throw InvalidEntry::because('lines', Finding::of('picture.mark_the_fish'));
        }
        $sight = $view->sight();
        if ($sight->lengthOf($line, 0.0) < 1.0) {
            throw InvalidEntry::because('lines', Finding::of('picture.marks_on_one_spot'));
        }
        foreach ($line as $point) {
            if ($sight->slant($point) > self::MOST_SLANT) {
                throw InvalidEntry::because('lines', Finding::of('picture.too_slant'));
            }
        }
    }

    /**
     * @param  list<Point>  $line
     * @return non-empty-list<float> lengths in millimetres, the shortest first
     */
    private static function draws(View $view, array $line, FishDepth $depth, Heading $heading): array
    {
        $random = new Randomizer(new Mt19937(self::SEED));
        // 31 bits, and never the ends.
        $normal = fn (): float => StandardNormal::quantile(($random->nextInt() + 0.5) / 2 ** 31);
        $lengths = [];
        for ($i = 0; $i < self::DRAWS; $i++) {
            $mark = fn (): float => $view->markSpread * $normal();
            $sight = $view->sightOf(
                $view->scale->moved($mark(), $mark(), $mark(), $mark()),
                $view->foot->moved($view->footSpread * $normal(), $view->footSpread * $normal()),
                $view->distanceMm * max(0.1, 1 + $view->distanceError * $normal()),
            );
            $marked = array_map(fn (Point $point): Point => $point->moved($mark(), $mark()), $line);
            $degrees = min(self::MOST_DEGREES, abs($heading->spread() * $normal()));
            $lengths[] = $sight->lengthOf($marked, max(0.0, $depth->mm + $depth->spread * $normal())) / cos(deg2rad($degrees));
        }
        sort($lengths);

        return $lengths;
    }

    /**
     * Each by itself, to the first order.
     *
     * @param  list<Point>  $line
     * @return list<ErrorShare>
     */
    private static function causes(View $view, array $line, FishDepth $depth, Heading $heading): array
    {
        $whole = $view->sight()->lengthOf($line, $depth->mm);
        $slope = self::slope(...);
        $marks = 0.0;
        foreach ($line as $i => $point) {
            foreach ([[1, 0], [0, 1]] as [$x, $y]) {
                $marks += $slope(fn (float $by): float => $view->sight()->lengthOf(array_values(array_replace($line, [$i => $point->moved($by * $x, $by * $y)])), $depth->mm)) ** 2;
            }
        }
        $foot = 0.0;
        foreach ([[1, 0], [0, 1]] as [$x, $y]) {
            $foot += $slope(fn (float $by): float => $view->sightOf($view->scale, $view->foot->moved($by * $x, $by * $y), $view->distanceMm)->lengthOf($line, $depth->mm)) ** 2;
        }
        $degrees = deg2rad($heading->spread());
        $errors = [
            ErrorCause::Marks->value => $view->markSpread * sqrt($marks) / $whole,
            ErrorCause::Scale->value => sqrt(2) * $view->markSpread / $view->scale->from->distanceTo($view->scale->to),
            ErrorCause::Distance->value => abs($slope(fn (float $by): float => $view->sightOf($view->scale, $view->foot, $view->distanceMm + $by)->lengthOf($line, $depth->mm))) * $view->distanceMm * $view->distanceError / $whole,
            ErrorCause::Depth->value => abs($slope(fn (float $by): float => $view->sight()->lengthOf($line, $depth->mm + $by))) * $depth->spread / $whole,
            // Of the cosine of a normal angle.
            ErrorCause::Heading->value => sqrt((1 + exp(-2 * $degrees ** 2)) / 2 - exp(-$degrees ** 2)) / exp(-$degrees ** 2 / 2),
            ErrorCause::Foot->value => $view->footSpread * sqrt($foot) / $whole,
        ];
        arsort($errors);
        $variance = array_sum(array_map(fn (float $error): float => $error ** 2, $errors));

        return array_map(fn (string $cause, float $error): ErrorShare => new ErrorShare(ErrorCause::from($cause), $error, $variance > 0 ? $error ** 2 / $variance : 0.0), array_keys($errors), array_values($errors));
    }

    /** @param  callable(float): float  $of */
    private static function slope(callable $of): float
    {
        return ($of(self::STEP) - $of(-self::STEP)) / (2 * self::STEP);
    }

    /**
     * Which cause it would pay best to do something about: what is left of the
     * error goes as the root of what is left of the variance.
     *
     * @param  list<ErrorShare>  $causes
     */
    private static function sharpening(float $error, array $causes, View $view, FishDepth $depth, Heading $heading, float $room): ?Sharpening
    {
        $near = FishDepth::in(DepthZone::Near, $room);
        // What each cause comes down to, as a share of what it is.
        $left = [
            ErrorCause::Depth->value => min(1.0, $near->spread / $depth->spread),
            ErrorCause::Distance->value => min(1.0, DistanceKnown::Measured->relativeError() / $view->distanceError),
            ErrorCause::Heading->value => (Heading::Square->spread() / $heading->spread()) ** 2,
            // From half the distance the fish is twice as large in the picture.
            ErrorCause::Marks->value => 0.5,
        ];
        $best = null;
        foreach ($causes as $one) {
            $after = $error * sqrt(1 - $one->share * (1 - ($left[$one->cause->value] ?? 1.0) ** 2));
            if ($after < self::WORTH_SAYING * $error && ($best === null || $after < $best->error)) {
                $best = new Sharpening($one->cause, $after);
            }
        }

        return $best;
    }

    /**
     * Half of what two thirds of them span: as wide as a standard deviation, and no outlier moves it.
     *
     * @param  non-empty-list<float>  $draws
     */
    private static function errorOf(array $draws): float
    {
        return (self::quantile($draws, 0.8413) - self::quantile($draws, 0.1587)) / 2 / self::quantile($draws, 0.5);
    }

    /** @param  non-empty-list<float>  $sorted */
    private static function quantile(array $sorted, float $share): float
    {
        $at = $share * (count($sorted) - 1);
        $low = (int) floor($at);
        $high = min($low + 1, count($sorted) - 1);

        return $sorted[$low] + ($at - $low) * ($sorted[$high] - $sorted[$low]);
    }
}
