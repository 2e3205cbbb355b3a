<?php

declare(strict_types=1);

namespace Tests\Core\Picture;

use Biomegas\Finding\InvalidEntry;
use Biomegas\Picture\DepthZone;
use Biomegas\Picture\ErrorCause;
use Biomegas\Picture\ErrorShare;
use Biomegas\Picture\FishDepth;
use Biomegas\Picture\Heading;
use Biomegas\Picture\KnownSpan;
use Biomegas\Picture\LengthInPicture;
use Biomegas\Picture\Point;
use Biomegas\Picture\ShoalInPicture;
use Biomegas\Picture\Sight;
use Biomegas\Picture\View;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A length from a picture says itself how sure it is. */
final class LengthInPictureTest extends TestCase
{
    private const ROOM = 600.0;

    private const SIMULATED = 500;

    /** @return iterable<string, array{DepthZone, Heading, float}> */
    public static function circumstances(): iterable
    {
        yield 'at the pane, square, measured distance' => [DepthZone::Near, Heading::Square, 0.01];
        yield 'in the middle, nearly square' => [DepthZone::Middle, Heading::Nearly, 0.05];
        yield 'anywhere, unsure' => [DepthZone::Unknown, Heading::Unsure, 0.1];
    }

    #[DataProvider('circumstances')]
    public function test_eight_in_ten_simulated_fish_are_within_the_band(DepthZone $zone, Heading $heading, float $distanceError): void
    {
        $random = new Randomizer(new Mt19937(11));
        $uniform = fn (): float => ($random->nextInt() + 1) / 2 ** 31;
        $normal = fn (): float => sqrt(-2 * log($uniform())) * cos(2 * M_PI * $uniform());
        $depth = FishDepth::in($zone, self::ROOM);
        $within = 0;
        for ($i = 0; $i < self::SIMULATED; $i++) {
            $mm = 150 + 350 * $uniform();
            $trueDistance = 1500 * (1 + $distanceError * $normal());
            $trueDepth = max(0.0, $depth->mm + $depth->spread * $normal());
            $seenMm = $mm * cos(deg2rad($heading->spread() * $normal()));
            $view = self::view(distanceError: $distanceError, markSpread: 2.0);
            $sight = new Sight($view->foot, 1 / 3, $trueDistance, 10.0, 1.333);
            // Where its ends are seen: the closed form is turned round by halving.
            $half = self::pixelsFrom($sight, $seenMm / 2, $trueDepth);
            $mark = fn (float $x, float $y): Point => new Point($x + 2 * $normal(), $y + 2 * $normal());
            $line = [$mark(2000 - $half, 1500), $mark(2000 + $half, 1500)];
            $read = LengthInPicture::of(self::view(distanceError: $distanceError, scale: KnownSpan::of('scale', $mark(500, 2800), $mark(3500, 2800), 1000.0)), $line, $depth, $heading, self::ROOM);
            $within += $mm >= $read->lowMm && $mm <= $read->highMm ? 1 : 0;
        }

        $this->assertGreaterThanOrEqual(0.75, $within / self::SIMULATED);
        $this->assertLessThanOrEqual(0.85, $within / self::SIMULATED);
    }

    public function test_it_says_what_its_error_comes_from_and_what_would_help(): void
    {
        $line = [new Point(1500, 1500), new Point(2500, 1500)];
        $somewhere = LengthInPicture::of(self::view(), $line, FishDepth::in(DepthZone::Unknown, self::ROOM), Heading::Square, self::ROOM);
        $atThePane = LengthInPicture::of(self::view(), $line, FishDepth::in(DepthZone::Near, self::ROOM), Heading::Square, self::ROOM);

        $this->assertSame(ErrorCause::Depth, $somewhere->causes[0]->cause);
        $this->assertSame(ErrorCause::Depth, $somewhere->sharpening?->cause);
        $this->assertEqualsWithDelta($atThePane->error, $somewhere->sharpening->error, 0.006);
        $this->assertGreaterThan(4 * $atThePane->error, $somewhere->error);
        $this->assertEqualsWithDelta(1.0, array_sum(array_map(fn (ErrorShare $share): float => $share->share, $somewhere->causes)), 1e-9);
        $this->assertNull($atThePane->sharpening);
    }

    public function test_the_error_of_an_unknown_depth_is_as_worked_out_by_hand(): void
    {
        // sd_d / 1.333 / (D + t / 1.52 + d / 1.333): 50 mm at 1 m is 3.0 %, at 1.5 m 2.1 %. Worked examples of the domain's practitioners.
        foreach ([[1000.0, 0.030], [1500.0, 0.021]] as [$distance, $error]) {
            $read = LengthInPicture::of(self::view(distance: $distance), [new Point(1800, 1500), new Point(2200, 1500)], new FishDepth(300.0, 50.0), Heading::Square, self::ROOM);
            $depth = array_values(array_filter($read->causes, fn (ErrorShare $share): bool => $share->cause === ErrorCause::Depth))[0];

            $this->assertEqualsWithDelta($error, $depth->error, 0.0015);
        }
    }

    public function test_a_bent_fish_is_measured_along_its_back(): void
    {
        $straight = LengthInPicture::of(self::view(), [new Point(1500, 1500), new Point(2500, 1500)], new FishDepth(50.0, 5.0), Heading::Square, self::ROOM);
        $bent = LengthInPicture::of(self::view(), [new Point(1500, 1500), new Point(2000, 1300), new Point(2500, 1500)], new FishDepth(50.0, 5.0), Heading::Square, self::ROOM);

        $this->assertEqualsWithDelta(hypot(500, 200) / 500, $bent->mm / $straight->mm, 0.003);
    }

    public function test_what_cannot_be_read_is_refused_by_name(): void
    {
        $depth = FishDepth::in(DepthZone::Near, self::ROOM);
        $read = fn (View $view, array $line): LengthInPicture => LengthInPicture::of($view, $line, $depth, Heading::Square, self::ROOM);
        $this->assertSame('picture.mark_the_fish', $this->refusal(fn () => $read(self::view(), [new Point(1, 1)])));
        $this->assertSame('picture.marks_on_one_spot', $this->refusal(fn () => $read(self::view(), [new Point(1000, 1000), new Point(1000, 1000)])));
        $this->assertSame('picture.too_slant', $this->refusal(fn () => $read(self::view(distance: 200.0), [new Point(10, 1500), new Point(900, 1500)])));
        $this->assertSame('picture.marks_on_one_spot', $this->refusal(fn () => KnownSpan::of('scale', new Point(5, 5), new Point(6, 5), 100.0)));
        $this->assertSame('picture.no_distance', $this->refusal(fn () => KnownSpan::of('scale', new Point(5, 5), new Point(600, 5), 0.0)));
    }

    public function test_several_of_a_shoal_give_how_many_at_least_and_how_they_differ(): void
    {
        $lengths = array_map(fn (int $half): LengthInPicture => LengthInPicture::of(self::view(), [new Point(2000 - $half, 1500), new Point(2000 + $half, 1500)], new FishDepth(50.0, 5.0), Heading::Square, self::ROOM), [150, 200, 250, 300]);
        $shoal = ShoalInPicture::of($lengths);

        $this->assertSame(4, $shoal->atLeast);
        $this->assertEqualsWithDelta(array_sum(array_map(fn (LengthInPicture $one): float => $one->mm, $lengths)) / 4, $shoal->meanMm, 1e-9);
        // Lengths as 150, 200, 250, 300: a deviation of 64.55 in 225.
        $this->assertEqualsWithDelta(64.55 / 225, $shoal->spreadMm / $shoal->meanMm, 0.005);
        $this->assertSame('picture.mark_more', $this->refusal(fn () => ShoalInPicture::of([$lengths[0]])));
    }

    private static function view(float $distance = 1500.0, float $distanceError = 0.05, float $markSpread = 2.0, ?KnownSpan $scale = null): View
    {
        return new View($scale ?? KnownSpan::of('scale', new Point(500, 2800), new Point(3500, 2800), 1000.0), new Point(2000, 1500), 60.0, $distance, $distanceError, 10.0, 0.0, 1.333, $markSpread);
    }

    private static function pixelsFrom(Sight $sight, float $mm, float $depth): float
    {
        [$low, $high] = [0.0, 20_000.0];
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2;
            [$low, $high] = $sight->behind(new Point(2000 + $middle, 1500), $depth)[0] < $mm ? [$middle, $high] : [$low, $middle];
        }

        return $low;
    }

    private function refusal(callable $read): string
    {
        try {
            $read();
        } catch (InvalidEntry $e) {
            return $e->finding()->code;
        }

        return 'none';
    }
}
