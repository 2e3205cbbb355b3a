<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Picture;
use Biomegas\Facility\Salinity;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\LengthReader;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnreadableLength;
use Biomegas\Picture\DepthZone;
use Biomegas\Picture\DistanceKnown;
use Biomegas\Picture\DistanceSeen;
use Biomegas\Picture\FishDepth;
use Biomegas\Picture\Heading;
use Biomegas\Picture\KnownSpan;
use Biomegas\Picture\LengthInPicture;
use Biomegas\Picture\Marking;
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
    private const USUAL_GLASS_MM = 10.0;

    /**
     * @param  array<string, mixed>  $marks  checked by MarksRequest
     * @param  System|null  $system  in which it was taken; null: not known
     * @param  float  $celsius  of its water
     * @param  float|null  $glassMm  thickness of its pane; null: not known
     */
    public function __construct(private Picture $picture, private array $marks, private ?System $system, private float $celsius, private ?float $glassMm, private Units $units)
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
            $scale, $foot, $hasFoot ? 0.0 : Marking::footSpread($this->picture->width), $distance, $error,
            $isAbove ? null : $this->glass(), $isAbove ? $this->mmOr('rim', 0.0) : 0.0, $this->waterIndex(), Marking::spread($this->picture->width),
        );
        $way = $this->marks['distance']['way'];
        if ($way !== 'seen') {
            return $make($this->mm('distance.length', $this->marks['distance']['length']), DistanceKnown::from($way)->relativeError());
        }

        $seen = KnownSpan::of('distance', self::point($this->marks['distance']['from']), self::point($this->marks['distance']['to']), $this->mm('distance.length', $this->marks['distance']['length']));
        $found = DistanceSeen::of($make(1000.0, 0.0)->sight(), $seen, $this->mm('distance.depth', (string) $this->marks['distance']['depth']), Marking::spread($this->picture->width));

        return $make($found->mm, $found->error);
    }

    /** @param  list<Point>  $line */
    private function depthSeenTwice(View $view, array $line, ?self $other): FishDepth
    {
        if ($other === null) {
            throw InvalidEntry::because('other', Finding::of('picture.mark_the_other'));
        }

        return FishDepth::seenTwice($view, $line, $other->view(), $other->lines()[0] ?? [], $this->room());
    }

    /** @return list<list<Point>> those with two marks or more */
    private function lines(): array
    {
        $lines = array_map(fn (array $line): array => array_map(self::point(...), array_values($line)), array_values($this->marks['lines']));

        return array_values(array_filter($lines, fn (array $line): bool => count($line) > 1));
    }

    private function waterIndex(): float
    {
        return RefractiveIndex::ofWater($this->celsius, ($this->system->salinity ?? Salinity::Fresh)->usualPpt());
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
            return (new LengthReader($this->units->length))->read($typed);
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
