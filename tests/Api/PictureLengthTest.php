<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Camera\RayTracer;
use App\Camera\Scene;
use App\Camera\SceneTold;
use App\Camera\SwimmingFish;
use App\Models\Measurement;
use App\Models\Picture;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Lengths are read from pictures whose fish are known, since a simulated camera drew them. */
final class PictureLengthTest extends ApiTestCase
{
    /** @return iterable<string, array{float, float, float}> depth, bend, place across */
    public static function swimming(): iterable
    {
        yield 'at the pane' => [40.0, 0.0, 0.0];
        yield 'in the middle, bent' => [240.0, 0.06, -120.0];
        yield 'at the back, off to the side' => [430.0, 0.0, 180.0];
    }

    #[DataProvider('swimming')]
    public function test_the_length_of_a_drawn_fish_is_read_from_its_marks(float $depth, float $bend, float $x): void
    {
        $told = $this->told([new SwimmingFish('Bramble', 340.0, $x, -30.0, $depth, 0.0, $bend, true, 0xD98C3F)]);
        $zone = match (true) {
            $depth < 100 => 'near',
            $depth < 300 => 'middle',
            default => 'back',
        };
        $read = $this->read($this->marks($told, $zone))->assertOk()->json('lengths.0');

        // The place is known to a third of the tank: what is read is within what it says of itself.
        $this->assertEqualsWithDelta(340.0, $read['length_mm'], 2 * $read['error'] * 340.0);
        $this->assertLessThan(0.06, $read['error']);
        $this->assertEqualsWithDelta(1.0, array_sum(array_column($read['causes'], 'share')), 0.01);
    }

    public function test_two_pictures_from_two_distances_tell_the_depth_and_so_the_length(): void
    {
        $fish = [new SwimmingFish('Bramble', 340.0, 40.0, -30.0, 330.0, 0.0, 0.0, true, 0xD98C3F)];
        $other = $this->picture();
        $this->putJson("/api/v1/pictures/{$other->id}/marks", $this->marks($this->told($fish, distance: 2400.0), 'unknown'))->assertNoContent();
        $near = $this->marks($this->told($fish, distance: 700.0), 'twice');
        $once = $this->read([...$near, 'depth' => 'unknown'])->json('lengths.0');
        $twice = $this->read([...$near, 'other' => $other->id])->assertOk()->json('lengths.0');

        $this->assertEqualsWithDelta(340.0, $twice['length_mm'], 4.0);
        $this->assertLessThan(0.6 * $once['error'], $twice['error']);
        $this->read([...$near, 'other' => 999])->assertUnprocessable()->assertJsonValidationErrors(['other']);
    }

    public function test_the_distance_is_found_from_something_of_known_size_at_the_back(): void
    {
        $told = $this->told([new SwimmingFish('Bramble', 340.0, 0.0, -30.0, 60.0, 0.0, 0.0, true, 0xD98C3F)]);
        $tracer = new RayTracer($this->scene([]));
        [$from, $to] = [$tracer->pixelOf(-300.0, -100.0, 480.0), $tracer->pixelOf(300.0, -100.0, 480.0)];
        $marks = $this->marks($told, 'near');
        $marks['distance'] = ['way' => 'seen', 'length' => '60 cm', 'depth' => '48 cm', 'from' => ['x' => $from[0], 'y' => $from[1]], 'to' => ['x' => $to[0], 'y' => $to[1]]];

        $this->assertEqualsWithDelta($this->read($this->marks($told, 'near'))->json('lengths.0.length_mm'), $this->read($marks)->assertOk()->json('lengths.0.length_mm'), 2.0);
        $marks['distance']['length'] = '2 m';
        $this->read($marks)->assertUnprocessable()->assertJsonValidationErrors(['distance']);
    }

    public function test_the_length_goes_to_the_log_with_its_own_error_and_the_marks_stay(): void
    {
        $fish = $this->getJson("/api/v1/fish/{$this->fish('Bramble')}")->json('fish.length_mm.likely');
        $told = $this->told([new SwimmingFish('Bramble', $fish, 0.0, -30.0, 45.0, 0.0, 0.0, true, 0xD98C3F)]);
        $picture = $this->picture();
        $this->postJson("/api/v1/pictures/{$picture->id}/measurement", ['fish_id' => $this->fish('Bramble')])->assertUnprocessable()->assertJsonValidationErrors(['lines']);
        $marks = $this->marks($told, 'near');
        $this->putJson("/api/v1/pictures/{$picture->id}/marks", $marks)->assertNoContent();
        $this->assertEquals($marks, $this->getJson("/api/v1/pictures?fish={$this->fish('Bramble')}")->json('0.marks'));
        $read = $this->read($marks, $picture)->json('lengths.0');
        $entry = $this->postJson("/api/v1/pictures/{$picture->id}/measurement", ['fish_id' => $this->fish('Bramble')])->assertCreated()->json();

        $this->assertEqualsWithDelta($read['length_mm'], $entry['length_mm'], 0.06);
        $this->assertSame(['picture', $picture->id], [$entry['method'], $entry['picture_id']]);
        $this->assertEqualsWithDelta($read['error'], $entry['error'], 1e-4);
        $this->assertNotEqualsWithDelta(0.03, $entry['error'], 1e-3, 'not the error that is usual for pictures');
        $this->assertEqualsWithDelta($entry['error'], (float) Measurement::query()->findOrFail($entry['id'])->own_error, 1e-4);
        $this->assertEqualsWithDelta($read['length_mm'], $this->getJson("/api/v1/pictures?fish={$this->fish('Bramble')}")->json('0.length_mm'), 0.06);
    }

    public function test_an_unlikely_length_is_asked_about_first(): void
    {
        $told = $this->told([new SwimmingFish('Bramble', 100.0, 0.0, -30.0, 45.0, 0.0, 0.0, true, 0xD98C3F)]);
        $picture = $this->picture();
        $this->putJson("/api/v1/pictures/{$picture->id}/marks", $this->marks($told, 'near'))->assertNoContent();
        $body = ['fish_id' => $this->fish('Bramble')];
        $this->postJson("/api/v1/pictures/{$picture->id}/measurement", $body)->assertUnprocessable()->assertJsonPath('question', fn (?string $question): bool => $question !== null);

        $this->postJson("/api/v1/pictures/{$picture->id}/measurement", [...$body, 'keep' => true])->assertCreated();
    }

    public function test_several_of_a_shoal_give_a_count_at_least_and_their_mean(): void
    {
        $barbs = $this->fish('Barbs');
        $likely = $this->getJson("/api/v1/fish/{$barbs}")->json('fish.length_mm.likely');
        $told = $this->told(array_map(fn (int $i): SwimmingFish => new SwimmingFish('Barbs', $likely * (0.9 + 0.05 * $i), 150.0 * ($i - 2), 60.0 * ($i % 2), 60.0, 0.0, 0.0, true, 0xC4C06A), range(0, 4)));
        $picture = $this->picture($barbs);
        $marks = $this->marks($told, 'near');
        $marks['lines'] = array_column($told['fish'], 'line');
        $this->assertStringContainsString('At least 5', $this->read($marks, $picture)->assertOk()->json('shoal'));
        $this->putJson("/api/v1/pictures/{$picture->id}/marks", $marks)->assertNoContent();
        $entry = $this->postJson("/api/v1/pictures/{$picture->id}/measurement", ['fish_id' => $barbs, 'keep' => true])->assertCreated()->json();

        $this->assertSame(5, $entry['sample']);
        $this->assertEqualsWithDelta($likely, $entry['length_mm'], 0.04 * $likely);
        $this->assertSame(5, (int) DB::table('counts')->where('fish_id', $barbs)->where('kind', 'at-least')->orderByDesc('id')->value('number'));
        $this->postJson("/api/v1/pictures/{$picture->id}/measurement", ['fish_id' => $this->fish('Bramble'), 'keep' => true])->assertUnprocessable()->assertJsonValidationErrors(['lines']);
    }

    public function test_from_above_the_rim_is_the_scale(): void
    {
        // 2 m above the water, the rim 10 cm above it: 1 px is 1 mm on the rim.
        $marks = [
            'view' => 'above', 'scale' => ['from' => ['x' => 100, 'y' => 100], 'to' => ['x' => 1100, 'y' => 100], 'length' => '1 m'], 'foot' => null,
            'distance' => ['way' => 'measured', 'length' => '2 m'], 'rim' => '10 cm', 'depth' => 'near', 'heading' => 'square',
            'lines' => [[['x' => 500, 'y' => 400], ['x' => 780, 'y' => 400]]],
        ];
        $read = $this->read($marks)->assertOk()->json('lengths.0');

        // 280 px: 280 / 0.95 mm on the water, and 45 mm below it a little more.
        $this->assertEqualsWithDelta(280 / 0.95 * (1 + 45 / 1.333 / 2000), $read['length_mm'], 1.5);
    }

    public function test_marks_that_cannot_be_name_what_to_mend(): void
    {
        $marks = $this->marks($this->told([new SwimmingFish('Bramble', 340.0, 0.0, 0.0, 45.0, 0.0, 0.0, true, 0)]), 'near');
        $spot = ['x' => 10, 'y' => 10];
        $this->read([...$marks, 'scale' => ['from' => $spot, 'to' => $spot, 'length' => '50 cm']])->assertUnprocessable()->assertJsonValidationErrors(['scale']);
        $this->read([...$marks, 'lines' => []])->assertUnprocessable()->assertJsonValidationErrors(['lines']);
        $this->read([...$marks, 'lines' => [[$spot, $spot]]])->assertUnprocessable()->assertJsonValidationErrors(['lines']);
        $this->read([...$marks, 'distance' => ['way' => 'measured', 'length' => '6 cm']])->assertUnprocessable()->assertJsonPath('errors.lines.0', fn (string $said): bool => str_contains($said, 'corner'));
        $this->read([...$marks, 'distance' => ['way' => 'measured', 'length' => 'far']])->assertUnprocessable()->assertJsonValidationErrors(['distance.length']);
        $this->read([...$marks, 'scale' => [...$marks['scale'], 'length' => '5 m']])->assertUnprocessable()->assertJsonPath('errors.lines.0', fn (string $said): bool => str_contains($said, 'longer than'));
        $this->read(['view' => 'glass'])->assertUnprocessable()->assertJsonValidationErrors(['scale', 'distance', 'depth', 'heading', 'lines']);
    }

    public function test_a_camera_before_a_system_takes_a_picture_when_asked(): void
    {
        $system = $this->system('Porch tank');
        $this->postJson("/api/v1/systems/{$system}/camera/picture")->assertUnprocessable();
        foreach (['ftp://192.168.1.2/x', 'nonsense', 'http://8.8.8.8/still.jpg'] as $url) {
            $this->putJson("/api/v1/systems/{$system}/camera", ['url' => $url])->assertUnprocessable()->assertJsonValidationErrors(['url']);
        }
        $this->putJson("/api/v1/systems/{$system}/camera", ['url' => 'http://127.0.0.1:8090/still.jpg'])->assertNoContent();
        ob_start();
        imagejpeg((new RayTracer($this->scene([], width: 320)))->picture());
        Http::fake(['127.0.0.1:8090/*' => Http::sequence()->push((string) ob_get_clean(), 200)->push('busy', 503)->push('<html>', 200)]);
        config(['pictures.folder' => sys_get_temp_dir().'/biomegas-camera-'.getmypid()]);

        $this->postJson("/api/v1/systems/{$system}/camera/picture")->assertCreated()->assertJsonPath('system_id', $system)->assertJsonPath('width', 320);
        $this->postJson("/api/v1/systems/{$system}/camera/picture")->assertUnprocessable()->assertJsonPath('errors.picture.0', fn (string $said): bool => str_contains($said, '503'));
        $this->postJson("/api/v1/systems/{$system}/camera/picture")->assertUnprocessable();
        $this->assertSame(1, Picture::query()->count());
        $this->putJson("/api/v1/systems/{$system}/camera", ['url' => null])->assertNoContent();
    }

    /** @param  array<string, mixed>  $marks */
    private function read(array $marks, ?Picture $picture = null): TestResponse
    {
        $picture ??= $this->picture();

        return $this->postJson("/api/v1/pictures/{$picture->id}/length", $marks);
    }

    private function picture(?int $fish = null): Picture
    {
        return Picture::query()->create(['fish_id' => $fish ?? $this->fish('Bramble'), 'date' => self::TODAY, 'width' => 1280, 'height' => 800, 'bytes' => 1, 'sha256' => '']);
    }

    /**
     * @param  list<SwimmingFish>  $fish
     * @return array<string, mixed>
     */
    private function told(array $fish, float $distance = 1100.0): array
    {
        return SceneTold::of($this->scene($fish, $distance));
    }

    /** @param  list<SwimmingFish>  $fish */
    private function scene(array $fish, float $distance = 1100.0, int $width = 1280): Scene
    {
        return new Scene($width, (int) ($width / 1.6), 1000.0, $distance, 10.0, 480.0, 1.3325, $fish);
    }

    /**
     * @param  array<string, mixed>  $told
     * @return array<string, mixed>
     */
    private function marks(array $told, string $depth): array
    {
        return [
            'view' => 'glass', 'scale' => ['from' => $told['ruler']['from'], 'to' => $told['ruler']['to'], 'length' => '50 cm'], 'foot' => ['x' => 640, 'y' => 400],
            'distance' => ['way' => 'measured', 'length' => "{$told['distance_mm']} mm"], 'depth' => $depth, 'heading' => 'square', 'lines' => [$told['fish'][0]['line'] ?? []],
        ];
    }
}
