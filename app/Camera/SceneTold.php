<?php

declare(strict_types=1);

namespace App\Camera;

/** What the simulated camera knows of its own picture, so that whatever is read from it can be checked. */
final readonly class SceneTold
{
    private const MARKS = 6;

    /** @return array<string, mixed> */
    public static function of(Scene $scene): array
    {
        $tracer = new RayTracer($scene);
        $middle = [$scene->width / 2, $scene->height / 2];
        $rulerRow = $middle[1] + $scene->rulerY() / $scene->mmPerPixel();
        $rulerHalf = Scene::RULER_MM / 2 / $scene->mmPerPixel();

        return [
            'distance_mm' => $scene->distanceMm, 'glass_mm' => $scene->glassMm, 'room_mm' => $scene->roomMm, 'water_index' => $scene->waterIndex,
            'ruler' => ['mm' => Scene::RULER_MM, 'from' => ['x' => $middle[0] - $rulerHalf, 'y' => $rulerRow], 'to' => ['x' => $middle[0] + $rulerHalf, 'y' => $rulerRow]],
            'fish' => array_map(fn (SwimmingFish $fish): array => ['name' => $fish->name, 'mm' => $fish->mm, 'depth_mm' => $fish->z, 'yaw' => $fish->yaw, 'line' => self::line($tracer, $fish)], $scene->fish),
        ];
    }

    /** @return list<array{x: float, y: float}> along its back as the picture shows it, from the snout */
    private static function line(RayTracer $tracer, SwimmingFish $fish): array
    {
        return array_map(function (int $i) use ($tracer, $fish): array {
            $u = $i / (self::MARKS - 1);
            $along = ($u - 0.5) * $fish->chord() * ($fish->looksLeft ? 1 : -1);
            [$x, $y] = $tracer->pixelOf($fish->x + $along * cos(deg2rad($fish->yaw)), $fish->y - $fish->bend * sin(M_PI * $u) * $fish->chord(), $fish->z + $along * sin(deg2rad($fish->yaw)));

            return ['x' => round($x, 2), 'y' => round($y, 2)];
        }, range(0, self::MARKS - 1));
    }
}
