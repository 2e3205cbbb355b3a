<?php

declare(strict_types=1);

namespace Biomegas\Planning\Supposing;

use Biomegas\Facility\Facility;
use Biomegas\Finding\Finding;

/** A shoal is parted: some of it go their own way from today on, from home to home as a plan sends them. */
final readonly class Parted implements Supposition
{
    private const PART = '/part';

    /** @param  int  $count  that go their own way */
    public function __construct(public string $fish, public int $count)
    {
    }

    public function applyTo(Facility $facility): Facility
    {
        $shoal = $facility->fish[$this->fish];

        return $facility->withFish($shoal->numbering($shoal->count - $this->count))->withFish($shoal->numbering($this->count)->called($this->fish.self::PART, "{$shoal->name} ({$this->count})"));
    }

    /** Key of the shoal of which this is a part, or is the whole. */
    public static function whole(string $fish): string
    {
        return self::isPart($fish) ? substr($fish, 0, -strlen(self::PART)) : $fish;
    }

    public static function isPart(string $fish): bool
    {
        return str_ends_with($fish, self::PART);
    }

    public static function partOf(string $fish): string
    {
        return $fish.self::PART;
    }

    public function finding(Facility $facility): Finding
    {
        $fish = $facility->fish[$this->fish];

        return Finding::of('suppose.parted', fish: $fish->name, stay: $fish->count - $this->count, go: $this->count);
    }

    public function at(Facility $facility): string
    {
        return $facility->fish[$this->fish]->currentSystem();
    }

    public function isInHand(): bool
    {
        return true;
    }
}
