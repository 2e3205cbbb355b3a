<?php

declare(strict_types=1);

namespace App\Camera;

use App\Facility\FacilitySnapshot;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Picture\RefractiveIndex;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A system of the facility as a camera before its front pane would see it: its fish at the length they are likely to have, in poses that chance decides. */
final readonly class SceneOfSystem
{
    private const WIDTH = 1280;

    private const HEIGHT = 800;

    private const GLASS_MM = 10.0;

    /** More only hide each other. */
    private const MOST_FISH = 9;

    private const COLOURS = [0xD98C3F, 0x7F8FA6, 0xC4C06A, 0xB56576, 0x6C9A8B, 0xE0C9A6, 0x8E7CC3];

    public static function of(FacilitySnapshot $kept, System $system, int $seed): Scene
    {
        $random = new Randomizer(new Mt19937($seed));
        $shape = $system->lastingPools()[0]->shape;
        $lengths = [];
        foreach ($kept->facility->residentsOf($system) as $fish) {
            $mm = $kept->brief($fish)->length->likely;
            for ($one = 0; $one < $fish->count && count($lengths) < self::MOST_FISH; $one++) {
                $lengths[] = [$fish, $mm * (1 + ($fish->isShoal() ? 0.02 * ($one % 5 - 2) : 0.0))];
            }
        }
        $longest = max([300.0, ...array_column($lengths, 1)]);
        $shown = min(max(900.0, 2.6 * $longest), max(900.0, $shape->swimLength()));

        return new Scene(
            self::WIDTH, self::HEIGHT, $shown, 1.1 * $shown, self::GLASS_MM, $shape->turningWidth(),
            RefractiveIndex::ofWater($kept->celsiusNow($system), $system->salinity->usualPpt()),
            array_map(fn (array $one): SwimmingFish => self::swimming($one[0], $one[1], $shown, $shape->turningWidth(), $random), $lengths),
        );
    }

    private static function swimming(Fish $fish, float $mm, float $shown, float $room, Randomizer $random): SwimmingFish
    {
        $within = fn (float $low, float $high): float => $low + ($high - $low) * $random->getInt(0, 1000) / 1000;
        $free = max(0.0, ($shown - $mm) / 2 - 30);

        return new SwimmingFish(
            $fish->name, $mm, $within(-$free, $free), $within(-0.25, 0.2) * $shown, $within(min(40.0, $room / 3), 0.9 * $room),
            $within(-8, 8), $within(-0.03, 0.05), $random->getInt(0, 1) === 1, self::COLOURS[crc32($fish->key) % count(self::COLOURS)],
        );
    }
}
