<?php

declare(strict_types=1);

namespace Tests\Commands;

use App\Camera\RayTracer;
use App\Camera\SceneOfSystem;
use App\Camera\SceneTold;
use App\Facility\FacilityReader;
use Tests\Api\ApiTestCase;

/** The simulated camera: whom it stands before, and that it draws what it says. */
final class CameraCommandTest extends ApiTestCase
{
    public function test_it_wants_a_system_that_is_there_and_a_port(): void
    {
        $this->artisan('biomegas:camera', ['system' => 'Nowhere'])->expectsOutputToContain('Porch tank')->assertExitCode(2);
        $this->artisan('biomegas:camera', ['system' => 'Porch tank', '--port' => '80'])->expectsOutputToContain('--port')->assertExitCode(2);
    }

    public function test_its_fish_have_their_projected_lengths_and_one_frame_is_always_the_same(): void
    {
        $kept = $this->app->make(FacilityReader::class)->read();
        $system = $kept->system($this->system('Porch tank'));
        $told = SceneTold::of(SceneOfSystem::of($kept, $system, 7));

        $this->assertSame($told, SceneTold::of(SceneOfSystem::of($kept, $system, 7)));
        $this->assertNotSame($told, SceneTold::of(SceneOfSystem::of($kept, $system, 8)));
        $this->assertSame(array_map(fn ($fish): string => $fish->name, $kept->facility->residentsOf($system)), array_values(array_unique(array_column($told['fish'], 'name'))));
        foreach ($kept->facility->residentsOf($system) as $fish) {
            $this->assertEqualsWithDelta($kept->brief($fish)->length->likely, array_column($told['fish'], 'mm', 'name')[$fish->name], 1e-6);
        }
    }

    public function test_it_draws_a_fish_where_it_says(): void
    {
        $kept = $this->app->make(FacilityReader::class)->read();
        $scene = SceneOfSystem::of($kept, $kept->system($this->system('Porch tank')), 7);
        $picture = (new RayTracer($scene))->picture();
        $line = SceneTold::of($scene)['fish'][0]['line'];
        $colours = array_map(fn (array $at): int => (int) imagecolorat($picture, (int) $at['x'], (int) $at['y']), array_slice($line, 1, 4));
        $besides = (int) imagecolorat($picture, (int) $line[2]['x'], 5);

        $this->assertNotContains($besides, $colours);
        $this->assertSame([$scene->width, $scene->height], [imagesx($picture), imagesy($picture)]);
    }
}
