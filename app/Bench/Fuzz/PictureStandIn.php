<?php

declare(strict_types=1);

namespace App\Bench\Fuzz;

use App\Models\System;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Http;
use Random\Randomizer;

/** What the fuzz has in place of photographs, of the camera in the house and of the disk. */
final class PictureStandIn
{
    private const CAMERA = 'http://127.0.0.1:9/still.jpg';

    private readonly string $jpeg;

    private readonly string $folder;

    public function __construct(private readonly Randomizer $random)
    {
        ob_start();
        imagejpeg(imagecreatetruecolor(64, 48));
        $this->jpeg = (string) ob_get_clean();
        $this->folder = sys_get_temp_dir().'/biomegas-fuzz-'.getmypid();
        config(['pictures.folder' => $this->folder]);
        Http::fake(['127.0.0.1:9/*' => fn () => Http::response($this->jpeg)]);
        System::query()->update(['camera_url' => self::CAMERA]);
        register_shutdown_function(fn () => File::deleteDirectory($this->folder));
    }

    /** @return array<string, UploadedFile> what is sent as a file to this address; spoiled, it is cut or stirred */
    public function files(string $method, string $path, bool $isSpoiled): array
    {
        if ($method !== 'POST' || ! str_ends_with($path, '/pictures')) {
            return [];
        }
        $bytes = $isSpoiled ? $this->spoiled() : $this->jpeg;
        File::ensureDirectoryExists($this->folder);
        file_put_contents("{$this->folder}/sent.jpg", $bytes);

        return ['picture' => new UploadedFile("{$this->folder}/sent.jpg", 'sent.jpg', null, null, true)];
    }

    private function spoiled(): string
    {
        $bytes = $this->jpeg;
        for ($i = $this->random->getInt(1, 30); $i > 0; $i--) {
            $bytes[$this->random->getInt(0, strlen($bytes) - 1)] = chr($this->random->getInt(0, 255));
        }

        return $this->random->getInt(0, 1) === 1 ? $bytes : substr($bytes, 0, $this->random->getInt(0, strlen($bytes)));
    }
}
