<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\FacilitySettings;
use App\Models\Picture;
use App\Pictures\PictureStore;
use GdImage;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Api\Pictures\FullDisk;
use Tests\Api\Pictures\Jpeg;

/** Photographs: looked at by their bytes, turned upright, stripped of the place, kept whole or not at all. */
final class PictureTest extends ApiTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/biomegas-pictures-'.getmypid();
        File::deleteDirectory($this->folder);
        config(['pictures.folder' => $this->folder]);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_a_picture_is_kept_in_three_sizes_and_found_with_its_fish(): void
    {
        $kept = $this->send(Jpeg::of(self::drawn(2400, 1800)))->assertCreated()->json();
        $this->assertSame([2400, 1800, self::TODAY, $this->fish('Bramble')], [$kept['width'], $kept['height'], $kept['date'], $kept['fish_id']]);
        foreach (['thumb' => [360, 270], 'sheet' => [1400, 1050], 'full' => [2400, 1800]] as $size => $sides) {
            $shown = $this->get("/api/v1/pictures/{$kept['id']}/{$size}")->assertOk();
            $this->assertSame($sides, array_slice((array) getimagesizefromstring((string) $shown->streamedContent()), 0, 2));
            $this->assertSame('image/jpeg', $shown->headers->get('Content-Type'));
            $this->assertStringContainsString('private', (string) $shown->headers->get('Cache-Control'));
            $this->assertStringContainsString('immutable', (string) $shown->headers->get('Cache-Control'));
        }
        $this->assertSame([$kept['id']], array_column($this->getJson("/api/v1/pictures?fish={$this->fish('Bramble')}")->assertOk()->json(), 'id'));
        $this->assertSame('A picture of Bramble: By the glass', $this->getJson("/api/v1/log?kinds=picture&fish={$this->fish('Bramble')}")->json('lines.0.sentence'));
        $this->assertSame((int) Picture::query()->sum('bytes'), array_sum(array_map(fn ($file): int => (int) $file->getSize(), File::allFiles($this->folder))));
        $this->get("/api/v1/pictures/{$kept['id']}/huge")->assertNotFound();
        $this->get('/api/v1/pictures/999/full')->assertNotFound();
    }

    public function test_only_those_signed_in_see_it(): void
    {
        $id = $this->send(Jpeg::of(self::drawn()))->json('id');
        Auth::logout();

        $this->get("/api/v1/pictures/{$id}/full", ['Accept' => 'application/json'])->assertUnauthorized();
        $this->assertStringNotContainsString(public_path(), $this->folder);
        $this->assertStringNotContainsString(public_path(), config('pictures.folder'));
    }

    /** @return list<array{int}> the eight orientations of the Exif standard (CIPA DC-008, tag 0x0112) */
    public static function orientations(): array
    {
        return array_map(fn (int $orientation): array => [$orientation], range(1, 8));
    }

    #[DataProvider('orientations')]
    public function test_it_is_turned_upright_whichever_way_the_camera_was_held(int $orientation): void
    {
        $id = $this->send(Jpeg::of(self::turned(self::drawn(640, 480), $orientation), orientation: $orientation))->assertCreated()->json('id');
        $upright = imagecreatefromstring((string) $this->get("/api/v1/pictures/{$id}/full")->streamedContent());
        $this->assertInstanceOf(GdImage::class, $upright);

        $this->assertSame([640, 480], [imagesx($upright), imagesy($upright)]);
        // Its corners: red, green, blue, white.
        $this->assertSame(['red', 'green', 'blue', 'white'], array_map(fn (array $at): string => self::colourAt($upright, ...$at), [[30, 30], [610, 30], [30, 450], [610, 450]]));
    }

    public function test_the_place_where_it_was_taken_is_gone_and_the_day_is_kept(): void
    {
        $bytes = Jpeg::of(self::drawn(), takenAt: '2027:02:03 08:15:00', latitude: 51);
        $this->assertNotSame([], exif_read_data('data://image/jpeg;base64,'.base64_encode($bytes), 'GPS', true)['GPS'] ?? []);
        $kept = $this->send($bytes)->json();

        $this->assertSame(['2027-02-03', '08:15'], [$kept['date'], $kept['time']]);
        foreach (File::allFiles($this->folder) as $file) {
            $this->assertStringNotContainsString('Exif', $file->getContents());
            $this->assertArrayNotHasKey('GPS', (array) @exif_read_data($file->getPathname(), null, true));
        }
    }

    public function test_one_that_waited_on_a_phone_is_of_the_hour_at_which_it_was_added(): void
    {
        $fish = $this->fish('Bramble');
        $sent = fn (string $bytes): array => $this->send($bytes, about: ['fish_id' => $fish, 'at' => '2027-03-12T17:30Z'])->assertCreated()->json();
        $plain = $sent(Jpeg::of(self::drawn()));
        $noted = $sent(Jpeg::of(self::drawn(), takenAt: '2027:02:03 08:15:00'));

        $this->assertSame([['2027-03-12', '17:30'], ['2027-02-03', '08:15']], [[$plain['date'], $plain['time']], [$noted['date'], $noted['time']]], 'what the camera noted goes before');
        $this->send(Jpeg::of(self::drawn()), about: ['fish_id' => $fish, 'at' => '2027-03-14T17:30Z'])->assertUnprocessable()->assertJsonValidationErrorFor('at');
    }

    public function test_png_and_webp_are_read_whatever_they_are_called(): void
    {
        foreach (['imagepng', 'imagewebp'] as $encode) {
            ob_start();
            $encode(self::drawn());
            $this->send((string) ob_get_clean(), 'holiday.txt')->assertCreated();
        }
    }

    /** @return iterable<string, array{callable(): string, string}> */
    public static function unreadable(): iterable
    {
        yield 'a text called .jpg' => [fn (): string => 'This is no picture.', 'no picture that can be read'];
        yield 'nothing' => [fn (): string => '', 'Nothing arrived'];
        yield 'HEIC' => [fn (): string => "\0\0\0\x18ftypheic".str_repeat("\0", 100), 'HEIC'];
        yield 'a bomb' => [fn (): string => Jpeg::claiming(50_000, 50_000), '50000 by 50000 pixels'];
        yield 'a GIF' => [fn (): string => "GIF89a\x10\0\x10\0".str_repeat("\0", 100), 'no picture that can be read'];
        yield 'a page called .jpg' => [fn (): string => '<html><script>alert(1)</script></html>', 'no picture that can be read'];
        yield 'cut off in the middle' => [fn (): string => substr(Jpeg::of(self::drawn(1600, 1200)), 0, 20_000), 'cut off'];
        yield 'damaged' => [function (): string {
            ob_start();
            imagepng(self::drawn());
            $png = (string) ob_get_clean();

            return substr($png, 0, (int) (strlen($png) / 2));
        }, 'cut off'];
        yield 'a dot' => [fn (): string => Jpeg::of(self::drawn(4, 4)), 'too few'];
        yield 'too large' => [fn (): string => Jpeg::of(self::drawn()).str_repeat("\0", 20 * 1024 * 1024), 'larger than 20 MB'];
    }

    #[DataProvider('unreadable')]
    public function test_what_is_no_picture_is_refused_with_a_sentence_and_nothing_is_kept(callable $bytes, string $said): void
    {
        $this->send($bytes())->assertUnprocessable()->assertJsonPath('errors.picture.0', fn (string $sentence): bool => str_contains($sentence, $said));

        $this->assertSame(0, Picture::query()->count());
        $this->assertDirectoryDoesNotExist($this->folder);
    }

    public function test_an_upload_that_broke_off_is_said_to_have(): void
    {
        $file = new UploadedFile($this->file(Jpeg::of(self::drawn())), 'fish.jpg', null, UPLOAD_ERR_PARTIAL, true);
        $this->post('/api/v1/pictures', ['picture' => $file, 'fish_id' => $this->fish('Bramble')], ['Accept' => 'application/json'])->assertUnprocessable()
            ->assertJsonPath('errors.picture.0', fn (string $said): bool => str_contains($said, 'broke off'));

        $this->assertSame(0, Picture::query()->count());
    }

    public function test_a_full_disk_keeps_no_half_picture(): void
    {
        FullDisk::mount(40_000);
        $this->app->bind(PictureStore::class, fn (): PictureStore => new PictureStore('fulldisk://pictures'));
        $this->send(Jpeg::of(self::drawn(2400, 1800)))->assertUnprocessable()->assertJsonPath('errors.picture.0', fn (string $said): bool => str_contains($said, 'disk is full'));

        $this->assertSame(0, Picture::query()->count());
        $this->assertSame([], FullDisk::files());
    }

    public function test_pictures_take_no_more_room_than_the_settings_allow(): void
    {
        FacilitySettings::query()->update(['picture_limit_mb' => 0]);
        $this->send(Jpeg::of(self::drawn()))->assertUnprocessable()->assertJsonPath('errors.picture.0', fn (string $said): bool => str_contains($said, 'Raise the limit'));
        $this->assertSame(0, Picture::query()->count());
    }

    public function test_what_was_taken_out_keeps_its_room_until_it_is_erased(): void
    {
        [$kept, $gone] = [$this->send(Jpeg::of(self::drawn()))->json('id'), $this->send(Jpeg::of(self::drawn(900, 700)))->json('id')];
        $this->deleteJson("/api/v1/pictures/{$gone}")->assertNoContent();
        $room = $this->getJson('/api/v1/picture-room')->assertOk()->json();
        $this->assertSame([2, 2000], [$room['pictures'], $room['limit_mb']]);
        $this->putJson('/api/v1/picture-room', ['limit_mb' => 5])->assertUnprocessable()->assertJsonValidationErrors(['limit_mb']);
        $this->putJson('/api/v1/picture-room', ['limit_mb' => 50])->assertOk()->assertJsonPath('limit_mb', 50);
        $this->deleteJson('/api/v1/picture-room/removed')->assertNoContent();

        $this->assertSame([$kept], Picture::withTrashed()->pluck('id')->all());
        $this->assertDirectoryDoesNotExist("{$this->folder}/{$gone}");
        $this->get("/api/v1/pictures/{$kept}/full")->assertOk();
        $this->postJson("/api/v1/pictures/{$gone}/restore")->assertNotFound();
    }

    public function test_it_goes_with_an_entry_and_is_taken_out_and_put_back(): void
    {
        $look = $this->postJson("/api/v1/fish/{$this->fish('Bramble')}/health-observations", ['date' => self::TODAY, 'time' => '08:00', 'is_eating' => true, 'sign' => 'Cloudy eye'])->assertCreated()->json('id');
        $id = $this->send(Jpeg::of(self::drawn()), about: ['entry_kind' => 'look', 'entry_id' => $look])->assertCreated()->json('id');
        $of = fn (): array => array_column($this->getJson("/api/v1/pictures?entry_kind=look&entry_id={$look}")->assertOk()->json(), 'id');
        $this->assertSame([$id], $of());
        $this->assertSame([$id], array_column($this->getJson("/api/v1/pictures?fish={$this->fish('Bramble')}")->json(), 'id'));
        $this->assertSame([], $this->getJson('/api/v1/log?kinds=picture')->json('lines'), 'the entry tells of it');
        $this->deleteJson("/api/v1/pictures/{$id}")->assertNoContent();
        $this->assertSame([], $of());
        $this->postJson("/api/v1/pictures/{$id}/restore")->assertNoContent();
        $this->assertSame([$id], $of());
        $this->send(Jpeg::of(self::drawn()), about: ['entry_kind' => 'look', 'entry_id' => 999])->assertUnprocessable();
        $this->send(Jpeg::of(self::drawn()), about: [])->assertUnprocessable()->assertJsonValidationErrors(['fish_id']);
        $this->getJson('/api/v1/pictures')->assertUnprocessable();
    }

    public function test_sent_twice_with_one_key_it_is_kept_once(): void
    {
        $bytes = Jpeg::of(self::drawn());
        $first = $this->send($bytes, headers: ['Idempotency-Key' => 'one'])->assertCreated()->json('id');
        $this->assertSame($first, $this->send($bytes, headers: ['Idempotency-Key' => 'one'])->assertCreated()->json('id'));
        $this->send(Jpeg::of(self::drawn(900, 700)), headers: ['Idempotency-Key' => 'one'])->assertUnprocessable();

        $this->assertSame(1, Picture::query()->count());
    }

    /**
     * @param  array<string, mixed>|null  $about
     * @param  array<string, string>  $headers
     */
    private function send(string $bytes, string $name = 'fish.jpg', ?array $about = null, array $headers = []): TestResponse
    {
        $file = new UploadedFile($this->file($bytes), $name, null, null, true);

        return $this->post('/api/v1/pictures', ['picture' => $file, 'note' => 'By the glass', ...($about ?? ['fish_id' => $this->fish('Bramble')])], ['Accept' => 'application/json', ...$headers]);
    }

    private function file(string $bytes): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'upload');
        file_put_contents($path, $bytes);

        return $path;
    }

    /** Four corners of different colours, with some texture so that it does not shrink to nothing. */
    private static function drawn(int $width = 640, int $height = 480): GdImage
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        [$x, $y] = [intdiv($width, 2), intdiv($height, 2)];
        imagefilledrectangle($image, 0, 0, $x, $y, 0xE00000);
        imagefilledrectangle($image, $x, 0, $width, $y, 0x00C000);
        imagefilledrectangle($image, 0, $y, $x, $height, 0x0000E0);
        imagefilledrectangle($image, $x, $y, $width, $height, 0xF8F8F8);
        for ($line = 60; $line < $width - 60; $line += 7) {
            imageline($image, $line, (int) ($y - 10), $width - $line, (int) ($y + 10), 0x606060 + $line);
        }

        return $image;
    }

    private static function turned(GdImage $upright, int $orientation): GdImage
    {
        // How it lies in the file, so that turning it as the tag says makes it upright.
        $turn = fn (float $degrees): GdImage => imagerotate($upright, $degrees, 0) ?: $upright;
        $flip = function (GdImage $image): GdImage {
            imageflip($image, IMG_FLIP_HORIZONTAL);

            return $image;
        };

        return match ($orientation) {
            2 => $flip($upright),
            3 => $turn(180),
            4 => $flip($turn(180)),
            5 => $flip($turn(270)),
            6 => $turn(90),
            7 => $flip($turn(90)),
            8 => $turn(270),
            default => $upright,
        };
    }

    private static function colourAt(GdImage $image, int $x, int $y): string
    {
        $colour = imagecolorat($image, $x, $y);
        [$red, $green, $blue] = [($colour >> 16 & 0xFF) > 128, ($colour >> 8 & 0xFF) > 128, ($colour & 0xFF) > 128];

        return match ([$red, $green, $blue]) {
            [true, false, false] => 'red',
            [false, true, false] => 'green',
            [false, false, true] => 'blue',
            [true, true, true] => 'white',
            default => 'another',
        };
    }
}
