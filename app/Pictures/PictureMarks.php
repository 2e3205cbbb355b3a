<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Picture;
use Biomegas\Facility\Salinity;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\LengthReader;
use Biomegas\Measure\UnitSystem;
use Biomegas\Measure\UnreadableLength;
use Biomegas\Picture\DepthZone;
use Biomegas\Picture\FishDepth;
use Biomegas\Picture\Heading;
use Biomegas\Picture\KnownSpan;
use Biomegas\Picture\LengthInPicture;
use Biomegas\Picture\Point;
use Biomegas\Picture\RefractiveIndex;
use Biomegas\Picture\View;

/**
 * What is marked on a picture, in the core's words. The marks themselves are
 * kept with the picture as they were sent (schema MarksRequest).
 *
 * @phpstan-type Marked array{x: float|int, y: float|int}
 */
final readonly class PictureMarks
{
    /** Of a mark set with a loupe. Judgement, no published source. */
    private const MARK_PIXELS = 2.0;

    /** A picture this wide shows a mark of two pixels; a wider one shows it blurred over more. */
    private const SHARP_WIDTH = 2000;

    /** How far off the middle of a picture the camera's foot may be, as a share of its width. Judgement. */
    private const FOOT_SHARE = 0.04;

    /** Relative standard errors of how the distance was found. Judgement, no published source. */
    private const DISTANCE_ERRORS = ['measured' => 0.01, 'paced' => 0.05, 'guessed' => 0.15];

    private const USUAL_GLASS_MM = 10.0;

    /** Salt of the water in parts per thousand, by kind. */
    private const SALT = ['fresh' => 0.0, 'brackish' => 10.0, 'marine' => 35.0];

    private const LEAST_DEPTH_SPREAD_MM = 5.0;

    /**
     * @param  array<string, mixed>  $marks  checked by MarksRequest
     * @param  System|null  $system  in which it was taken; null: not known
     * @param  float  $celsius  of its water
     * @param  float|null  $glassMm  thickness of its pane; null: not known
     */
    public function __construct(private Picture $picture, private array $marks, private ?System $system, private float $celsius, private ?float $glassMm, private UnitSystem $units)
    {
    }

    /**
     * One for each line.
     *
     * @return list<LengthInPicture>
     *
     * @throws InvalidEntry naming the mark that cannot be
     */
    public function lengths(?self $other): array
    {
        $view = $this->view();
        $heading = Heading::from($this->marks['heading']);
        $lines = $this->lines();
        if ($lines === []) {
            throw InvalidEntry::because('lines', Finding::of('picture.mark_the_fish'));
        }
        $depth = $this->marks['depth'] === 'twice' ? $this->depthSeenTwice($view, $lines[0], $other) : FishDepth::in(DepthZone::from($this->marks['depth']), $this->room());
        $lengths = array_map(fn (array $line): LengthInPicture => LengthInPicture::of($view, $line, $depth, $heading, $this->room()), $lines);
        foreach ($lengths as $length) {
            if ($this->system !== null && $length->lowMm > $this->longest()) {
                throw InvalidEntry::because('lines', Finding::of('picture.longer_than_its_home', system: $this->system->name));
            }
        }

        return $lengths;
    }

    private function view(): View
    {
        $isAbove = $this->marks['view'] === 'above';
        $scale = KnownSpan::of('scale', self::point($this->marks['scale']['from']), self::point($this->marks['scale']['to']), $this->mm('scale.length', $this->marks['scale']['length']));
        $hasFoot = isset($this->marks['foot']);
        $foot = $hasFoot ? self::point($this->marks['foot']) : new Point($this->picture->width / 2, $this->picture->height / 2);
        $make = fn (float $distance, float $error): View => new View(
            $scale, $foot, $hasFoot ? 0.0 : self::FOOT_SHARE * $this->picture->width, $distance, $error,
            $isAbove ? null : $this->glass(), $isAbove ? $this->mmOr('rim', 0.0) : 0.0, $this->waterIndex(), $this->markPixels(),
        );
        $way = $this->marks['distance']['way'];
        if ($way !== 'seen') {
            return $make($this->mm('distance.length', $this->marks['distance']['length']), self::DISTANCE_ERRORS[$way]);
        }

        return $make(...$this->distanceSeen($make(1000.0, 0.0)));
    }

    /** @return array{float, float} millimetres, and the relative error that a slip of the marks makes */
    private function distanceSeen(View $view): array
    {
        $seen = KnownSpan::of('distance', self::point($this->marks['distance']['from']), self::point($this->marks['distance']['to']), $this->mm('distance.length', $this->marks['distance']['length']));
        $depth = $this->mm('distance.depth', (string) $this->marks['distance']['depth']);
        $at = fn (KnownSpan $span): ?float => $view->sight()->distanceAtWhich([$span->from, $span->to], $depth, $span->mm);
        $found = $at($seen) ?? throw InvalidEntry::because('distance', Finding::of('picture.no_distance_fits'));
        $slip = sqrt(2) * $this->markPixels() / $seen->from->distanceTo($seen->to);
        $slipped = $at($seen->moved(0, 0, $slip * ($seen->to->x - $seen->from->x), $slip * ($seen->to->y - $seen->from->y)));

        return [$found, min(0.5, abs(($slipped ?? 2 * $found) - $found) / $found)];
    }

    /** @param  list<Point>  $line */
    private function depthSeenTwice(View $view, array $line, ?self $other): FishDepth
    {
        $otherLine = $other === null ? [] : $other->lines()[0] ?? [];
        if ($other === null || count($otherLine) < 2) {
            throw InvalidEntry::because('other', Finding::of('picture.mark_the_other'));
        }
        $otherView = $other->view();
        $depth = $this->depthOf($view, $line, $otherView, $otherLine) ?? throw InvalidEntry::because('other', Finding::of('picture.no_depth_fits'));
        $slips = [$this->depthOf($view, self::slipped($line, $view->markSpread), $otherView, $otherLine), $this->depthOf($view, $line, $otherView, self::slipped($otherLine, $otherView->markSpread))];
        $spread = hypot(...array_map(fn (?float $moved): float => $moved === null ? $this->room() / sqrt(12) : $moved - $depth, $slips));

        return new FishDepth($depth, max(self::LEAST_DEPTH_SPREAD_MM, min($spread, $this->room() / sqrt(12))));
    }

    /**
     * @param  list<Point>  $line
     * @param  list<Point>  $otherLine
     */
    private function depthOf(View $view, array $line, View $other, array $otherLine): ?float
    {
        return $view->sight()->depthAtWhich($line, $other->sight(), $otherLine, $this->room());
    }

    /**
     * Its last mark by a slip farther along.
     *
     * @param  list<Point>  $line
     * @return list<Point>
     */
    private static function slipped(array $line, float $pixels): array
    {
        $last = count($line) - 1;
        $whole = $line[$last - 1]->distanceTo($line[$last]);
        $by = $whole > 0 ? sqrt(2) * $pixels / $whole : 0.0;

        return array_values(array_replace($line, [$last => $line[$last]->moved($by * ($line[$last]->x - $line[$last - 1]->x), $by * ($line[$last]->y - $line[$last - 1]->y))]));
    }

    /** @return list<list<Point>> those with two marks or more */
    private function lines(): array
    {
        $lines = array_map(fn (array $line): array => array_map(self::point(...), array_values($line)), array_values($this->marks['lines']));

        return array_values(array_filter($lines, fn (array $line): bool => count($line) > 1));
    }

    private function markPixels(): float
    {
        return self::MARK_PIXELS * max(1.0, $this->picture->width / self::SHARP_WIDTH);
    }

    private function waterIndex(): float
    {
        return RefractiveIndex::ofWater($this->celsius, self::SALT[($this->system->salinity ?? Salinity::Fresh)->value]);
    }

    private function glass(): float
    {
        return $this->mmOr('glass', $this->glassMm ?? self::USUAL_GLASS_MM);
    }

    /** From the pane to the wall behind, or from the surface to the bottom. */
    private function room(): float
    {
        $shape = $this->system?->lastingPools()[0]->shape ?? null;
        $known = $this->marks['view'] === 'above' ? $shape?->depth() : $shape?->turningWidth();
        if ($known === null && ($this->marks['room'] ?? '') === '') {
            throw InvalidEntry::because('room', Finding::of('picture.no_room'));
        }

        return $this->mmOr('room', (float) $known);
    }

    private function longest(): float
    {
        return max([0.0, ...array_map(fn ($pool): float => hypot($pool->shape->swimLength(), $pool->shape->turningWidth()), $this->system?->lastingPools() ?? [])]);
    }

    private function mmOr(string $field, float $otherwise): float
    {
        $typed = (string) ($this->marks[$field] ?? '');

        return $typed === '' ? $otherwise : $this->mm($field, $typed);
    }

    private function mm(string $field, string $typed): float
    {
        try {
            return (new LengthReader($this->units))->read($typed);
        } catch (UnreadableLength $e) {
            throw InvalidEntry::because($field, $e->finding());
        }
    }

    /** @param  Marked  $marked */
    private static function point(array $marked): Point
    {
        return new Point((float) $marked['x'], (float) $marked['y']);
    }
}
