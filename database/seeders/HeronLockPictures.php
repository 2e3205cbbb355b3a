<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Camera\RayTracer;
use App\Camera\Scene;
use App\Camera\SceneTold;
use App\Camera\SwimmingFish;
use App\Log\LogKind;
use App\Models\Fish;
use App\Models\HealthObservation;
use App\Models\Measurement;
use App\Models\Picture;
use App\Models\System;
use App\Models\User;
use App\Pictures\PictureReading;
use App\Pictures\PictureSizes;
use App\Pictures\PictureStore;
use App\Pictures\ReceivedPicture;
use Biomegas\Rulebook\Method;
use Illuminate\Database\Seeder;

/**
 * Pictures for the demo, drawn by the simulated camera: the diary of one fish
 * over a year and more, a shoal, and one that goes with a look. The fish on
 * them are plainly invented.
 */
final class HeronLockPictures extends Seeder
{
    private const DIARY_OF = 'Tarn';

    private const SHOAL = 'Barbs';

    private const CAMERA_BEFORE = 'Porch tank';

    private const COLOURS = [0x9AA7B5, 0xC4C06A, 0x7F8FA6];

    public function __construct(private readonly PictureStore $store, private readonly PictureReading $reading)
    {
    }

    public function run(): void
    {
        $this->diary();
        $this->shoal();
        $this->look();
        // Where bin/demo lets the simulated camera answer.
        System::query()->where('name', self::CAMERA_BEFORE)->update(['camera_url' => 'http://127.0.0.1:8090/still.jpg']);
    }

    /** One for each length that was read from a picture, with the marks that it was read from. */
    private function diary(): void
    {
        $fish = Fish::query()->where('name', self::DIARY_OF)->firstOrFail();
        $lengths = Measurement::query()->where('fish_id', $fish->id)->where('method', Method::Picture)->orderBy('date')->get();
        foreach ($lengths as $i => $length) {
            $mm = $length->length_tenth_mm / 10;
            $scene = $this->scene(max(900.0, 1.7 * $mm), [new SwimmingFish($fish->name, $mm, 20.0 * ($i % 3 - 1), -40.0, 60.0, 0.0, 0.02, $i % 2 === 0, self::COLOURS[0])]);
            $picture = $this->add($scene, ['fish_id' => $fish->id, 'date' => $length->date, 'time' => '18:30', 'note' => ['First weeks in the yard', null, 'Barbels straight again', null][$i % 4]]);
            $told = SceneTold::of($scene);
            $marks = [
                'view' => 'glass', 'scale' => ['from' => $told['ruler']['from'], 'to' => $told['ruler']['to'], 'length' => '50 cm'], 'foot' => null,
                'distance' => ['way' => 'measured', 'length' => sprintf('%.2f m', $told['distance_mm'] / 1000), 'from' => null, 'to' => null, 'depth' => null],
                'rim' => null, 'glass' => null, 'room' => null, 'depth' => 'near', 'other' => null, 'heading' => 'square', 'lines' => [$told['fish'][0]['line']],
            ];
            $picture->update(['marks' => $marks]);
            $length->update(['picture_id' => $picture->id, 'own_error' => round($this->reading->lengths($picture, $marks)[0]->error, 4)]);
        }
    }

    private function shoal(): void
    {
        $fish = Fish::query()->where('name', self::SHOAL)->firstOrFail();
        $length = Measurement::query()->where('fish_id', $fish->id)->orderByDesc('date')->firstOrFail();
        $some = array_map(fn (int $i): SwimmingFish => new SwimmingFish($fish->name, $length->length_tenth_mm / 10 * (0.92 + 0.03 * ($i * 3 % 6)), 210.0 * ($i % 4) - 315, 130.0 * intdiv($i, 4) - 140, 60.0 + 40 * ($i % 3), 0.0, 0.0, $i % 3 !== 0, self::COLOURS[1]), range(0, 6));
        $this->add($this->scene(1000.0, $some), ['fish_id' => $fish->id, 'date' => $length->date, 'time' => '08:20', 'note' => 'Seven at the glass at once']);
    }

    /** A condition picture beside a condition note. */
    private function look(): void
    {
        $look = HealthObservation::query()->orderByDesc('date')->firstOrFail();
        $fish = Fish::query()->findOrFail($look->fish_id);
        $mm = (float) Measurement::query()->where('fish_id', $fish->id)->orderByDesc('date')->value('length_tenth_mm') / 10;
        $this->add($this->scene(max(900.0, 1.8 * $mm), [new SwimmingFish($fish->name, $mm, 0.0, 20.0, 90.0, 6.0, 0.0, false, self::COLOURS[2])]), [
            'fish_id' => $fish->id, 'date' => $look->date, 'entry_kind' => LogKind::Look->value, 'entry_id' => $look->id,
        ]);
    }

    /** @param  list<SwimmingFish>  $fish */
    private function scene(float $shownMm, array $fish): Scene
    {
        return new Scene(1200, 750, $shownMm, 1.2 * $shownMm, 10.0, 600.0, 1.3325, $fish);
    }

    /** @param  array<string, mixed>  $columns */
    private function add(Scene $scene, array $columns): Picture
    {
        ob_start();
        imagejpeg((new RayTracer($scene))->picture(), null, 92);

        return $this->store->add(PictureSizes::of(ReceivedPicture::of((string) ob_get_clean())), [...$columns, 'user_id' => User::query()->orderBy('id')->value('id')]);
    }
}
